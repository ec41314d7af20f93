import { randomUUID } from 'node:crypto'
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  rmSync,
  statSync,
  writeFileSync,
  openSync,
  readSync,
  closeSync,
} from 'node:fs'
import { statfs } from 'node:fs/promises'
import { join } from 'node:path'
import { version } from '../../package.json'
import { backupFolder, databaseFile, databaseServer, dataFolder, migrationsFolder } from '../base/config'
import { closeDatabase, migrateDatabase, openDatabase } from '../db/connection'
import { heldAtStart, holder } from '../db/held'
import { claimFolder, FolderInUse } from '../db/lock'
import { isBusy } from '../db/whileBusy'
import { makeBackup } from './backup'
import { faultsOf, withFile } from './raw'
import { schemaState } from './restore'
import { finishSwap } from './salvage'
import { setDataState, trouble, type DataState } from './state'

/** Thrown when there is no point in going on: the sentence says what happened, that nothing was harmed, and what to do. */
export class CannotStart extends Error {}

const UNHARMED = 'Nothing was changed.'
const SMALL = 32_000_000
const LITTLE_ROOM = 50_000_000

/**
 * Opens the data, looking before every step. What is wrong around the data ends the start with a sentence; data that cannot be used
 * are left as they are, and the server comes up with a page that serves what can be had of them.
 * @throws CannotStart
 */
export async function openData(): Promise<void> {
  setDataState(databaseServer() ? await openServer() : await openFolder())
}

async function openServer(): Promise<DataState> {
  const { url } = databaseServer()!
  try {
    if (!/^(?:libsql|https?|wss?):\/\/[^/\s]+/.test(url)) throw new Error('no address')
    await migrateDatabase()
    return { usable: true }
  } catch (problem) {
    throw new CannotStart(
      `DATABASE_URL does not lead to a libSQL server that can be used: ${whyNot(problem)}. ${UNHARMED} It should look like libsql://host or http://host:8080; leave it out to use a file on this computer.`,
    )
  }
}

/** Why a server could not be used, by what it or the network answered; without its address, which may hold a password. */
function whyNot(problem: unknown): string {
  const causes: { status?: unknown; code?: unknown; message?: string }[] = []
  for (let at: unknown = problem; at instanceof Error && causes.length < 8; at = at.cause) causes.push(at)
  const status = causes.map(c => c.status ?? /HTTP status (\d{3})/.exec(c.message ?? '')?.[1]).find(Boolean)
  if (status !== undefined) {
    const words = STATUS_WORDS[String(status)]
    return `it answers with HTTP ${String(status)}${words ? `, ${words}` : ''}`
  }
  const code = causes.map(c => c.code).find(c => typeof c === 'string' && NETWORK_WORDS[c])
  if (typeof code === 'string') return NETWORK_WORDS[code]!
  if (causes.some(c => c.message === 'no address')) return 'it is no address of one'
  const other = causes.map(c => c.code).find(c => typeof c === 'string')
  return `it fails${typeof other === 'string' ? ` with ${other}` : ''}`
}
const STATUS_WORDS: Readonly<Record<string, string>> = {
  401: 'so DATABASE_AUTH_TOKEN is missing or wrong',
  403: 'so DATABASE_AUTH_TOKEN does not allow it',
  404: 'so no database is at this address',
  405: 'so something else than a libSQL server is there',
}
const NETWORK_WORDS: Readonly<Record<string, string>> = {
  ECONNREFUSED: 'nothing listens there',
  ENOTFOUND: 'its host is not known',
  EAI_AGAIN: 'its host cannot be looked up',
  ETIMEDOUT: 'it does not answer in time',
  ECONNRESET: 'the connection breaks off',
  ERR_TLS_CERT_ALTNAME_INVALID: 'its certificate is for another host',
  SELF_SIGNED_CERT_IN_CHAIN: 'its certificate is not trusted',
}

async function openFolder(): Promise<DataState> {
  const folder = dataFolder()
  prepareFolder(folder)
  try {
    await claimFolder()
  } catch (problem) {
    if (problem instanceof FolderInUse)
      throw new CannotStart(
        `Varietas is running on these data already. ${UNHARMED} Use that one, stop it first, or name another folder in VARIETAS_DATA.`,
      )
    throw cannotOpen(problem)
  }
  await finishSwap(folder, new Date().toISOString())
  await watchRoom()
  const file = databaseFile()
  if (existsSync(file) && statSync(file).size > 0) {
    if (!startsAsDatabase(file))
      return unusable(
        'damaged',
        'The file varietas.db does not begin as a database does: something else has written over it.',
      )
    if (!isWhole(file)) return unusable('damaged', 'The file varietas.db was cut short: its end is missing.')
    keepGarbledLog(`${file}-wal`)
  }
  try {
    const before =
      existsSync(file) && statSync(file).size > 0
        ? await withFile(file, c => schemaState(c, migrationsFolder()))
        : 'empty'
    if (before === 'newer')
      return unusable('newer', 'These data were written by a newer version of Varietas than this one.')
    await openDatabase()
    if (before === 'older')
      await makeBackup({
        database: file,
        folder: backupFolder(),
        app: version,
        reason: 'before an update',
        at: new Date().toISOString(),
      })
    await migrateDatabase()
    // A small file is looked through at once; a large one once the server listens.
    if (statSync(file).size < SMALL && (await withFile(file, faultsOf)).length > 0) {
      await closeDatabase()
      return unusable('damaged', 'The database is damaged in places.')
    }
    return { usable: true }
  } catch (problem) {
    await closeDatabase()
    const code = codeOf(problem)
    if (/NOTADB|CORRUPT|SQLITE_ERROR/.test(code))
      return unusable('damaged', 'The database cannot be read to its end: it is damaged or was cut short.')
    throw cannotOpen(problem)
  }
}

function prepareFolder(folder: string): void {
  const probe = join(folder, `.probe-${randomUUID()}`)
  try {
    mkdirSync(folder, { recursive: true })
    writeFileSync(probe, 'room for a page?'.padEnd(4096))
    rmSync(probe)
  } catch (problem) {
    try {
      rmSync(probe, { force: true })
    } catch {
      // Where nothing could be written there is nothing to take away.
    }
    throw cannotOpen(problem)
  }
}

/** What the system says, as a sentence. */
function cannotOpen(problem: unknown): CannotStart {
  const code = codeOf(problem)
  if (isBusy(problem)) return new CannotStart(heldAtStart(holder(databaseFile())))
  if (/ENOSPC|EDQUOT|SQLITE_FULL/.test(code))
    return new CannotStart(
      `There is no room left on the disk that holds the data. ${UNHARMED} Free some room and start again.`,
    )
  if (/EROFS|EACCES|EPERM|READONLY|CANTOPEN/.test(code))
    return new CannotStart(
      `The data folder cannot be written to. ${UNHARMED} Allow writing to it, or name another folder in VARIETAS_DATA.`,
    )
  if (/ENOTDIR|EEXIST/.test(code))
    return new CannotStart(`VARIETAS_DATA names a file, not a folder. ${UNHARMED} Name a folder and start again.`)
  return new CannotStart(
    `The data could not be opened${code ? ` (${code})` : ''}. ${UNHARMED} Look whether the disk is in order and start again.`,
  )
}

function codeOf(problem: unknown): string {
  for (let at = problem; at instanceof Error; at = at.cause) {
    const { code } = at as { code?: unknown }
    if (typeof code === 'string' && code) return code
  }
  return ''
}

const unusable = (why: 'damaged' | 'newer', happened: string): DataState => ({
  usable: false,
  why,
  sentence: `${happened} Nothing was changed, the files are as they were.${
    why === 'newer'
      ? ' Start the newer version, or take a backup from before the update.'
      : ' Restore the last backup, or let what can be read be saved.'
  }`,
})

/** Whether the file is as long as its own header says. */
function isWhole(file: string): boolean {
  const head = headOf(file, HEADER)
  if (head.length < HEADER) return false
  // 1 stands for 65 536, see the file format.
  const pageSize = head.readUInt16BE(16) === 1 ? 65_536 : head.readUInt16BE(16)
  const pages = head.readUInt32BE(28)
  const isCurrent = head.readUInt32BE(24) === head.readUInt32BE(92)
  return !isCurrent || statSync(file).size >= pageSize * pages
}
const HEADER = 100

function headOf(file: string, length: number): Buffer {
  const head = Buffer.alloc(length)
  const handle = openSync(file, 'r')
  try {
    return head.subarray(0, readSync(handle, head, 0, length, 0))
  } finally {
    closeSync(handle)
  }
}

const MAGIC = 'SQLite format 3\0'

const startsAsDatabase = (file: string): boolean => headOf(file, MAGIC.length).toString('latin1') === MAGIC

/** SQLite ignores a log it cannot read: the log is kept aside and reported. */
function keepGarbledLog(log: string): void {
  trouble('log', null)
  if (!existsSync(log) || statSync(log).size === 0) return
  const magic = headOf(log, 4).toString('hex')
  if (magic === '377f0682' || magic === '377f0683') return
  copyFileSync(log, `${log}.unreadable-${new Date().toISOString().replace(/[:.]/g, '-')}`)
  trouble(
    'log',
    'The log of the last changes could not be read: what was written just before the computer stopped may be missing. The log was kept beside the data.',
  )
}

/** Tells when the disk is nearly full, before it is. */
export async function watchRoom(): Promise<void> {
  if (databaseServer()) return
  const { bavail, bsize } = await statfs(dataFolder()).catch(() => ({ bavail: Infinity, bsize: 1 }))
  const free = bavail * bsize
  trouble(
    'room',
    free < LITTLE_ROOM
      ? `Only ${Math.round(free / 1e6)} MB are left on the disk that holds the data: free some room before something cannot be kept.`
      : null,
  )
}
