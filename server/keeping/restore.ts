import { readFile, rm, stat, statfs } from 'node:fs/promises'
import { dirname, join } from 'node:path'
import { getTableColumns, getTableName, is } from 'drizzle-orm'
import { drizzle } from 'drizzle-orm/libsql'
import { migrate } from 'drizzle-orm/libsql/migrator'
import { SQLiteTable } from 'drizzle-orm/sqlite-core'
import type { Client } from '@libsql/client'
import type { TableDifference } from '#shared/records/record/keeping'
import { createHash } from 'node:crypto'
import { excess } from '#shared/checks/json'
import * as schema from '../db/schema'
import { Archive, DamagedArchive } from './archive'
import { DATABASE_ENTRY, MANIFEST_ENTRY, parseManifest, type Manifest } from './manifest'
import { asText, columnsOf, faultsOf, migrationsDone, quoted, recordTables, SHORT_PATIENCE_MS, withFile } from './raw'

// A hundred thousand pictures.
const MANIFEST_MOST = 20_000_000
const MANIFEST_BOUNDS = { levels: 6, members: 1_000_000 }
const DATABASE_MOST = 8_000_000_000
/** Left free for the work of the day while a copy is unpacked. */
const ROOM_LEFT = 100_000_000

export interface Unpacked {
  manifest: Omit<Manifest, 'pictures'>
  pictures: number
}

/** Hashes of the migrations this version knows, as the migrator reckons them. */
async function knownMigrations(folder: string): Promise<string[]> {
  const journal = JSON.parse(await readFile(join(folder, 'meta/_journal.json'), 'utf8')) as {
    entries: { tag: string }[]
  }
  return Promise.all(
    journal.entries.map(async ({ tag }) =>
      createHash('sha256')
        .update(await readFile(join(folder, `${tag}.sql`), 'utf8'))
        .digest('hex'),
    ),
  )
}

/** How far a database is behind this version; `newer` when it has been through something this version does not know. */
export async function schemaState(client: Client, migrations: string): Promise<'empty' | 'today' | 'older' | 'newer'> {
  const done = await migrationsDone(client)
  const known = await knownMigrations(migrations)
  if (done.length > known.length || done.some((hash, i) => hash !== known[i])) return 'newer'
  return done.length === 0 ? 'empty' : done.length < known.length ? 'older' : 'today'
}

/**
 * Takes a backup apart beside the data, proves it against its own checksums, and brings the copy to today's schema.
 * Nothing of the data is touched.
 * @param to where the database of the backup is written
 * @throws DamagedArchive with the reason
 */
export async function unpack(zip: string, to: string, migrations: string): Promise<Unpacked> {
  const archive = await Archive.open(zip, [MANIFEST_ENTRY, DATABASE_ENTRY])
  try {
    const text = await archive.text(MANIFEST_ENTRY, MANIFEST_MOST)
    const manifest = excess(text, MANIFEST_BOUNDS) ? undefined : parseManifest(text)
    if (!manifest) throw new DamagedArchive('what it says of itself is not a backup of Varietas')
    // Before anything is unpacked: what does not agree with itself is not worth the room.
    if (archive.sizeOf(DATABASE_ENTRY) !== manifest.database.bytes)
      throw new DamagedArchive('the data in it are not the ones that were backed up')
    await demandRoom(dirname(to), manifest.database.bytes)
    await removeDatabase(to)
    const checksum = await archive.extract(DATABASE_ENTRY, to, DATABASE_MOST)
    if (checksum !== manifest.database.sha256 || (await stat(to)).size !== manifest.database.bytes)
      throw new DamagedArchive('the data in it are not the ones that were backed up')
    await ofTheCopy(() =>
      withFile(to, async client => {
        if ((await faultsOf(client)).length > 0) throw new DamagedArchive('the database in it is not sound')
        if ((await schemaState(client, migrations)) === 'newer')
          throw new DamagedArchive('it was made by a newer version of Varietas: update first')
        await migrate(drizzle(client), { migrationsFolder: migrations })
        await demandTables(client)
        // The one file is then everything, and can be copied.
        await client.execute('PRAGMA wal_checkpoint(TRUNCATE)')
      }),
    )
    const { pictures, ...rest } = manifest
    return { manifest: rest, pictures: pictures.length }
  } catch (problem) {
    await removeDatabase(to)
    throw problem
  } finally {
    archive.close()
  }
}

/** Reports a copy that SQLite cannot read as a damaged archive, not as a fault of the data here. Errors of the disk are passed on. */
export async function ofTheCopy<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work()
  } catch (problem) {
    for (let at: unknown = problem; at instanceof Error; at = at.cause) {
      if (at instanceof DamagedArchive) throw at
      const code = String((at as { code?: unknown }).code ?? '')
      if (/^SQLITE_(?!FULL|IOERR|CANTOPEN|READONLY|BUSY)/.test(code))
        throw new DamagedArchive('the database in it cannot be read to its end')
    }
    throw problem
  }
}

/** @throws DamagedArchive where a table or a column is missing that every database of today has */
async function demandTables(client: Client): Promise<void> {
  for (const table of Object.values(schema)) {
    if (!is(table, SQLiteTable)) continue
    const there = new Set(await columnsOf(client, getTableName(table)))
    if (!Object.values(getTableColumns(table)).every(c => there.has(c.name)))
      throw new DamagedArchive('it is not whole: something every backup of Varietas has is missing')
  }
}

/** @throws DamagedArchive where a copy of so many bytes has no room */
async function demandRoom(folder: string, bytes: number): Promise<void> {
  const { bavail, bsize } = await statfs(folder)
  if (bytes + ROOM_LEFT > bavail * bsize)
    throw new DamagedArchive(
      `unpacked it takes ${Math.ceil(bytes / 1e6)} MB, and there is not that much room on the disk: free some first`,
    )
}

/** A database and what SQLite keeps beside it. */
export async function removeDatabase(path: string): Promise<void> {
  for (const end of ['', '-wal', '-shm', '-journal']) await rm(`${path}${end}`, { force: true })
}

/** How an unpacked backup differs from the data of today, table by table; tables that agree are left out. */
export const compare = (database: string, other: string): Promise<TableDifference[]> =>
  withFile(database, async client => {
    await client.execute(`ATTACH ${asText(other)} AS there`)
    const found: TableDifference[] = []
    for (const table of await recordTables(client)) {
      const columns = (await columnsOf(client, table)).map(quoted).join()
      const key = await keyOf(client, table)
      const count = async (sql: string) =>
        Number((await client.execute(`SELECT count(*) AS n FROM (${sql})`)).rows[0]!.n)
      const [mine, theirs] = [
        `SELECT ${columns} FROM main.${quoted(table)}`,
        `SELECT ${columns} FROM there.${quoted(table)}`,
      ]
      const without = (a: string, b: string) =>
        `SELECT ${key} FROM ${a}.${quoted(table)} EXCEPT SELECT ${key} FROM ${b}.${quoted(table)}`
      const onlyHere = await count(without('main', 'there'))
      const onlyThere = await count(without('there', 'main'))
      const changed = (await count(`${mine} EXCEPT ${theirs}`)) - onlyHere
      if (onlyHere + onlyThere + changed > 0)
        found.push({ table, here: await count(mine), there: await count(theirs), onlyHere, onlyThere, changed })
    }
    return found
  })

/** What tells the rows of a table apart. */
async function keyOf(client: Client, table: string): Promise<string> {
  const { rows } = await client.execute(`PRAGMA table_info(${quoted(table)})`)
  const keys = rows.filter(r => Number(r.pk) > 0).map(r => quoted(String(r.name)))
  return keys.length > 0 ? keys.join() : rows.map(r => quoted(String(r.name))).join()
}

/**
 * Puts the rows of an unpacked backup in the place of those of today, in one transaction: whatever happens in between, the
 * data are the old ones or the new ones, whole. The caller sees to it that nobody else writes.
 */
export const replaceRows = (database: string, other: string): Promise<void> =>
  withFile(
    database,
    async client => {
      await client.execute(`ATTACH ${asText(other)} AS there`)
      const tables = await recordTables(client)
      const steps = [
        ...[...tables].reverse().map(table => `DELETE FROM main.${quoted(table)}`),
        ...(await Promise.all(
          tables.map(async table => {
            const columns = (await columnsOf(client, table)).map(quoted).join()
            return `INSERT INTO main.${quoted(table)} (${columns}) SELECT ${columns} FROM there.${quoted(table)} ORDER BY rowid`
          }),
        )),
      ]
      await client.executeMultiple(
        `PRAGMA foreign_keys = OFF; PRAGMA secure_delete = ON; BEGIN IMMEDIATE; ${steps.join('; ')}; COMMIT; DETACH there; PRAGMA wal_checkpoint(TRUNCATE);`,
      )
    },
    SHORT_PATIENCE_MS,
  )
