import { createHash } from 'node:crypto'
import { mkdir, readdir, rename, rm, stat } from 'node:fs/promises'
import { join } from 'node:path'
import type { Client } from '@libsql/client'
import type { BackupFile } from '#shared/records/record/keeping'
import { checksumOf, writeArchive } from './archive'
import { DATABASE_ENTRY, MANIFEST_ENTRY, type BackupReason, type Manifest } from './manifest'
import { faultsOf, migrationsDone, quoted, recordTables, withFile } from './raw'

const KEPT = 10
const NAME = /^varietas-(\d{4}-\d{2}-\d{2})T(\d{2})-(\d{2})-(\d{2})-(\d{3})Z\.zip$/

/** Backups of a folder, newest first; half-written ones are not among them. */
export async function listBackups(folder: string): Promise<BackupFile[]> {
  const names = (await readdir(folder).catch(() => [])).filter(name => NAME.test(name))
  const files = await Promise.all(
    names.map(async name => {
      // One may be deleted by another process between the two looks.
      const size = await stat(join(folder, name)).then(
        found => found.size,
        () => null,
      )
      return size === null ? [] : [{ name, createdAt: name.replace(NAME, '$1T$2:$3:$4.$5Z'), bytes: size }]
    }),
  )
  return files.flat().sort((x, y) => y.name.localeCompare(x.name))
}

export const isBackupName = (name: string): boolean => NAME.test(name)

export interface BackupOrder {
  database: string
  folder: string
  app: string
  reason: BackupReason
  at: string
}

/**
 * One archive with a consistent snapshot and its description, made while others read and write. It gets its name when it is
 * whole, so that a half-written one is never taken for a backup. The last ten backups are kept.
 * @throws Error for a snapshot with faults, which must not push out a good one
 */
export async function makeBackup({ database, folder, app, reason, at }: BackupOrder): Promise<BackupFile> {
  await mkdir(folder, { recursive: true })
  await clearHalves(folder)
  const name = `varietas-${at.replace(/[:.]/g, '-')}.zip`
  const snapshot = join(folder, `.${name}.snapshot`)
  const half = join(folder, `.${name}.half`)
  try {
    await withFile(database, client => client.execute({ sql: 'VACUUM INTO ?', args: [snapshot] }))
    const manifest = await withFile(snapshot, client => describe(client, snapshot, { app, reason, at }))
    await writeArchive(half, { [DATABASE_ENTRY]: snapshot }, { [MANIFEST_ENTRY]: JSON.stringify(manifest, null, 2) })
    await rename(half, join(folder, name))
  } finally {
    await rm(snapshot, { force: true })
    await rm(half, { force: true })
  }
  const all = await listBackups(folder)
  for (const old of all.slice(KEPT)) await rm(join(folder, old.name), { force: true })
  return all.find(b => b.name === name)!
}

async function describe(
  client: Client,
  path: string,
  { app, reason, at }: Pick<BackupOrder, 'app' | 'reason' | 'at'>,
): Promise<Manifest> {
  const faults = await faultsOf(client)
  if (faults.length > 0) throw new Error(`the snapshot has faults: ${faults[0]}`)
  const rows: Manifest['rows'] = {}
  for (const table of await recordTables(client)) {
    const counted = await client.execute(`SELECT count(*) AS n FROM ${quoted(table)}`)
    rows[table] = Number(counted.rows[0]!.n)
  }
  return {
    format: 'varietas.backup',
    version: 1,
    app,
    createdAt: at,
    reason,
    schema: await migrationsDone(client),
    database: { bytes: (await stat(path)).size, sha256: await checksumOf(path) },
    rows,
    pictures: 'pictures' in rows ? await picturesIn(client) : [],
  }
}

async function picturesIn(client: Client): Promise<Manifest['pictures']> {
  const { rows: ids } = await client.execute('SELECT id, type FROM pictures ORDER BY id')
  const found: Manifest['pictures'] = []
  // One by one: together they may be larger than memory.
  for (const { id, type } of ids) {
    const { rows } = await client.execute({ sql: 'SELECT bytes FROM pictures WHERE id = ?', args: [id!] })
    const bytes = Buffer.from(rows[0]!.bytes as ArrayBuffer)
    found.push({
      id: String(id),
      type: String(type),
      bytes: bytes.length,
      sha256: createHash('sha256').update(bytes).digest('hex'),
    })
  }
  return found
}

/** Removes what a process left that was killed in the middle of a backup. */
export async function clearHalves(folder: string): Promise<void> {
  for (const name of await readdir(folder).catch(() => []))
    if (/^\..*\.(?:half|snapshot)(?:-wal|-shm|-journal)?$/.test(name)) await rm(join(folder, name), { force: true })
}

/** Removes every backup but one: the others hold somebody who asked to be forgotten. */
export async function keepOnly(folder: string, name: string): Promise<void> {
  for (const other of await listBackups(folder)) if (other.name !== name) await rm(join(folder, other.name))
}
