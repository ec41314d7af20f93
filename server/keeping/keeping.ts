import { DAY_MS } from '#core/time'
import { randomUUID } from 'node:crypto'
import { createWriteStream, existsSync } from 'node:fs'
import { copyFile, mkdir, open, readdir, rename, rm, statfs } from 'node:fs/promises'
import { join } from 'node:path'
import { pipeline } from 'node:stream/promises'
import { PassThrough, Readable } from 'node:stream'
import yazl from 'yazl'
import type { BackupFile, Keeping, Preview, Restored } from '#shared/records/record/keeping'
import type { BackupReason } from './manifest'
import { version } from '../../package.json'
import { backupFolder, databaseFile, dataFolder, migrationsFolder } from '../base/config'
import { checkpoint, exclusively, isFile, writtenElsewhere } from '../db/connection'
import { BadInput, Conflict, Missing, Problem } from '../base/problems'
import { now } from '../services/record/clock'
import { errorDetail, log } from '../base/log'
import { DamagedArchive } from './archive'
import { isBackupName, listBackups } from './backup'
import { removeDatabase } from './restore'
import { RESTORED, swapIn } from './salvage'
import { dataState, trouble, troublesNow } from './state'
import { keep } from './thread'

/* Backups and what is done with them: the acts behind the routes. */

const MOST_UPLOAD = 4_000_000_000
const MOST_TRIES = 5

const workFolder = () => join(dataFolder(), 'restoring')

function demandFile(): void {
  if (!isFile()) throw new Conflict('These data are on a libSQL server: backups are made there, with its own means.')
}

export async function backUp(reason: BackupReason): Promise<BackupFile> {
  demandFile()
  try {
    const made = await keep('backup', {
      database: databaseFile(),
      folder: backupFolder(),
      app: version,
      reason,
      at: now(),
    })
    trouble('backup', null)
    return made
  } catch (problem) {
    log('error', 'backup failed', errorDetail(problem))
    trouble(
      'backup',
      'The last backup could not be made. The data are as they were: look whether there is room on the disk.',
    )
    throw new Problem(
      507,
      'no-backup',
      'The backup could not be made; the data are as they were. Look whether there is room on the disk, then try again.',
    )
  }
}

export const backups = (): Promise<BackupFile[]> => listBackups(backupFolder())

export const keepingState = async (): Promise<Keeping> => ({
  here: isFile(),
  backups: isFile() ? await backups() : [],
  troubles: troublesNow(),
})

/** The data files byte by byte, for a look at what is wrong with them. */
export async function filesAsTheyAre(): Promise<Readable> {
  demandFile()
  const copies = join(dataFolder(), `.as-it-is-${randomUUID()}`)
  await mkdir(copies, { recursive: true })
  const zip = new yazl.ZipFile()
  // Copied while nobody writes: a file that grows while it is packed would break the archive off.
  await exclusively(async () => {
    for (const end of ['', '-wal']) {
      const name = `varietas.db${end}`
      if (!existsSync(join(dataFolder(), name))) continue
      await copyFile(join(dataFolder(), name), join(copies, name))
      zip.addReadStream((await open(join(copies, name))).createReadStream(), name)
    }
  })
  // Open they can be read, and without a name they are gone when the reading ends, however it ends.
  await rm(copies, { recursive: true, force: true })
  const out = new PassThrough()
  zip.on('error', problem => out.destroy(problem as Error))
  zip.end()
  return (zip.outputStream as Readable).pipe(out)
}

/** Every record that can be read, as JSON by table. */
export async function readableData(): Promise<Readable> {
  demandFile()
  return Readable.from([Buffer.from(await keep('export', { database: databaseFile() }))])
}

/** A backup made while the artist works, once a day. */
export async function backUpDaily(): Promise<void> {
  if (!isFile() || !dataState().usable) return
  const [newest] = await backups()
  if (newest && Date.now() - Date.parse(newest.createdAt) < DAY_MS && Date.parse(newest.createdAt) <= Date.now()) return
  await backUp('daily').catch(() => undefined)
}

/** Where a kept backup lies. @throws Missing */
export function backupPath(name: string): string {
  const path = join(backupFolder(), name)
  if (!isBackupName(name) || !existsSync(path)) throw new Missing('This backup')
  return path
}

/** Whether a copy in the making was cleared away meanwhile, as when a person is forgotten. */
const wasSwept = (problem: unknown) => (problem as { code?: unknown } | null)?.code === 'ENOENT'

// Looked at each time so much has come: a copy that fills the disk would keep her from saving anything.
const ROOM_EACH = 8_000_000
const ROOM_LEFT = 100_000_000
async function demandRoom(): Promise<void> {
  const { bavail, bsize } = await statfs(workFolder())
  if (bavail * bsize < ROOM_LEFT)
    throw new Problem(
      507,
      'no-room',
      'There is no room on the disk for a copy of this size: free some, then try again.',
    )
}

/** Takes in a backup that was kept elsewhere. */
export async function previewUpload(body: Readable, gone?: AbortSignal): Promise<Preview> {
  demandFile()
  await mkdir(workFolder(), { recursive: true })
  const zip = join(workFolder(), `${randomUUID()}.zip`)
  let size = 0
  try {
    await pipeline(
      body,
      async function* (source: AsyncIterable<Buffer>) {
        for await (const chunk of source) {
          if (Math.floor((size + chunk.length) / ROOM_EACH) > Math.floor(size / ROOM_EACH)) await demandRoom()
          size += chunk.length
          if (size > MOST_UPLOAD) throw new Problem(413, 'too-large', 'This is larger than any backup of Varietas.')
          yield chunk
        }
      },
      createWriteStream(zip),
    )
    return await preview(zip, gone)
  } catch (problem) {
    if (!wasSwept(problem)) throw problem
    throw new Conflict('Copies beside the data were cleared away meanwhile: choose the file again.')
  } finally {
    await rm(zip, { force: true })
  }
}

export const previewKept = (name: string, gone?: AbortSignal): Promise<Preview> => preview(backupPath(name), gone)

async function preview(file: string, gone?: AbortSignal): Promise<Preview> {
  demandFile()
  await mkdir(workFolder(), { recursive: true })
  // One at a time: what was looked at before and not taken is in the way.
  for (const old of await readdir(workFolder()))
    if (old.includes('.db')) await rm(join(workFolder(), old), { force: true })
  const id = randomUUID()
  const unpacked = await unpackTo(file, unpackedPath(id), gone)
  const differences = dataState().usable
    ? await keep('compare', { database: databaseFile(), other: unpackedPath(id) }, gone)
    : null
  const { createdAt, app, reason } = unpacked.manifest
  return { id, createdAt, app, reason, pictures: unpacked.pictures, differences }
}

/** Whether a file is JSON and no archive, by what it begins with. */
async function isJson(file: string): Promise<boolean> {
  const handle = await open(file, 'r')
  try {
    const { buffer, bytesRead } = await handle.read(Buffer.alloc(64), 0, 64, 0)
    return /^\uFEFF?\s*\{/.test(buffer.subarray(0, bytesRead).toString('utf8'))
  } finally {
    await handle.close()
  }
}

const unpackedPath = (id: string) => join(workFolder(), `${id}.db`)

async function unpackTo(file: string, to: string, gone?: AbortSignal) {
  try {
    return (await isJson(file))
      ? await keep('read everything', { file, to, migrations: migrationsFolder() }, gone)
      : await keep('unpack', { zip: file, to, migrations: migrationsFolder() }, gone)
  } catch (problem) {
    if (!(problem instanceof DamagedArchive)) throw problem
    throw new BadInput(
      [{ path: '', message: problem.message }],
      `This file cannot be used: ${problem.message}. Nothing was changed; choose another.`,
    )
  }
}

/** Everything as open JSON, pictures included; the file it is written to first is gone once it is read. */
export async function everything(): Promise<Readable> {
  demandFile()
  await mkdir(workFolder(), { recursive: true })
  for (let tries = 1; ; tries++) {
    try {
      return await writtenOut()
    } catch (problem) {
      // Where somebody was forgotten meanwhile, and every copy with them, it is written anew without them.
      if (!wasSwept(problem) || tries === MOST_TRIES) throw problem
    }
  }
}

async function writtenOut(): Promise<Readable> {
  const to = join(workFolder(), `${randomUUID()}.json`)
  try {
    await keep('write everything', { database: databaseFile(), to, app: version, at: now() })
    return (await open(to)).createReadStream()
  } finally {
    await rm(to, { force: true })
  }
}

/** Puts a backup that was looked at in the place of the data, after a backup of those. */
export async function restore(id: string, reopen: () => Promise<void>): Promise<Restored> {
  const other = unpackedPath(id)
  if (!existsSync(other)) throw new Missing('What was unpacked of this backup')
  if (!dataState().usable) {
    const fresh = join(dataFolder(), RESTORED)
    await removeDatabase(fresh)
    // Under its name only when it is whole: a start that finds it finishes the swap.
    await copyFile(other, `${fresh}-half`)
    await rename(`${fresh}-half`, fresh)
    const keptIn = await swapIn(dataFolder(), fresh, now())
    await clearWork()
    await reopen()
    return {
      before: null,
      sentence: `The backup is restored. The files as they were lie in ${keptIn} beside the data.`,
    }
  }
  const before = await backUp('before a restore')
  await exclusively(async () => {
    await checkpoint()
    await keep('replace', { database: databaseFile(), other })
    writtenElsewhere()
  })
  await clearWork()
  return { before, sentence: 'The backup is restored; the data as they were before are the newest backup.' }
}

/** What was being unpacked, copied or put together when a process ended. */
export async function clearWork(): Promise<void> {
  // Not the folder itself: somebody may be about to put something into it.
  await mkdir(workFolder(), { recursive: true })
  for (const name of await readdir(workFolder())) await rm(join(workFolder(), name), { recursive: true, force: true })
  for (const name of await readdir(dataFolder()))
    if (/^\.(?:as-it-is-|probe-|restored\.db|salvaged\.db)/.test(name))
      await rm(join(dataFolder(), name), { recursive: true, force: true })
}

/** Copies beside the data that are no backups: they hold everybody who was in the data then. */
export async function clearCopies(): Promise<void> {
  await clearWork()
  for (const name of await readdir(dataFolder()))
    if (/^set-aside-|^varietas\.db-wal\.unreadable-/.test(name))
      await rm(join(dataFolder(), name), { recursive: true, force: true })
}

/** Saves what can be read of damaged data into a sound file. */
export async function repair(reopen: () => Promise<void>): Promise<{ sentence: string }> {
  if (dataState().usable) throw new Conflict('The data can be used: there is nothing to repair.')
  try {
    const { rows, keptIn } = await keep('salvage', { folder: dataFolder(), migrations: migrationsFolder(), at: now() })
    await reopen()
    return {
      sentence: `${rows} records could be read and are in use again. The damaged files lie in ${keptIn} beside the data.`,
    }
  } catch (problem) {
    log('error', 'repair failed', errorDetail(problem))
    throw new Conflict('Nothing could be read of the damaged file, and nothing was changed. Restore a backup.')
  }
}

/** Looks through the whole file for damage, after the start and in the background. */
export async function checkIntegrity(): Promise<void> {
  if (!isFile() || !dataState().usable) return
  const faults = await keep('check', { database: databaseFile() }).catch((problem: unknown) => [
    errorDetail(problem).kind,
  ])
  if (faults.length > 0) log('error', 'integrity', { faults: faults.length })
  trouble(
    'integrity',
    faults.length > 0
      ? 'The database is damaged in places. Make no more changes: restore the last backup, which was sound when it was made.'
      : null,
  )
}
