import { mkdirSync } from 'node:fs'
import { createClient, type Client } from '@libsql/client'
import { sql } from 'drizzle-orm'
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql'
import { migrate } from 'drizzle-orm/libsql/migrator'
import pLimit from 'p-limit'
import { databaseFile, databaseServer, dataFolder, migrationsFolder } from '../config'
import * as schema from './schema'

const BUSY_TIMEOUT_MS = 5000
// After the last write, so that copying the one file while nobody works gets everything.
const IDLE_MS = 2000

/** Open after {@link openDatabase}; every service reads through it and writes through {@link write}. */
// eslint-disable-next-line import/no-mutable-exports -- set once, when the data are opened
export let db: LibSQLDatabase<typeof schema>
export type Transaction = Parameters<Parameters<typeof db.transaction>[0]>[0]

let client: Client | undefined

/** Whether the data are a file of ours, and not on a libSQL server. */
export const isFile = (): boolean => databaseServer() === null

/** Opens the database. @throws LibsqlError when that is not possible */
export async function openDatabase(): Promise<void> {
  if (client) return
  const server = databaseServer()
  if (!server) mkdirSync(dataFolder(), { recursive: true })
  const opened = createClient({ ...(server ?? { url: `file:${databaseFile()}` }), timeout: BUSY_TIMEOUT_MS })
  try {
    if (opened.protocol === 'file') await opened.execute('PRAGMA journal_mode = WAL')
    await opened.execute('SELECT count(*) FROM sqlite_master')
  } catch (problem) {
    opened.close()
    throw problem
  }
  client = opened
  db = drizzle(client, { schema })
  writtenElsewhere()
}

/** Brings the database to today's schema, in one transaction. Called once at start, before anything is served. */
export async function migrateDatabase(): Promise<void> {
  await openDatabase()
  await migrate(db, { migrationsFolder: migrationsFolder() })
}

/** Runs alone: no write of this process before it is done. */
export const exclusively = pLimit(1)
let idle: NodeJS.Timeout | undefined

/** Whoever keeps something of the database in memory; told of each write, in the moment it stands. */
const keepers: ((touched: WrittenIds) => void)[] = []
/** The ids that a write touched, whatever it did to them; null where it may have been any. */
export type WrittenIds = Readonly<Record<'products' | 'faces', ReadonlySet<string>>> | null
export const onWritten = (keeper: (touched: WrittenIds) => void) => keepers.push(keeper)
/** Says that the file is another, or was written past {@link write}. */
export const writtenElsewhere = (): void => {
  for (const told of keepers) told(null)
}

/**
 * Runs a write in a transaction, one after the other: two overlapping write transactions in one process make SQLite
 * answer BUSY at once and spoil the pooled connection.
 * @param touched what it touched, known once the work is done
 */
export function write<T>(work: (tx: Transaction) => Promise<T>, touched: () => WrittenIds = () => null): Promise<T> {
  return exclusively(async () => {
    try {
      const done = await db.transaction(async tx => {
        // Of this connection: what is deleted or written over is filled with zeros, not merely left unused.
        if (isFile()) await tx.run(sql`PRAGMA secure_delete = ON`)
        return work(tx)
      })
      for (const told of keepers) told(touched())
      return done
    } finally {
      clearTimeout(idle)
      idle = setTimeout(() => void exclusively(checkpoint).catch(() => undefined), IDLE_MS)
      idle.unref()
    }
  })
}

/** Brings everything from the write-ahead log into the one file and empties the log. */
export async function checkpoint(): Promise<void> {
  if (client?.protocol === 'file') await client.execute('PRAGMA wal_checkpoint(TRUNCATE)')
}

/** Waits for the write that is under way, empties the log and closes; afterwards the one file is everything. */
export async function closeDatabase(): Promise<void> {
  clearTimeout(idle)
  await exclusively(async () => {
    await checkpoint().catch(() => undefined)
    client?.close()
    client = undefined
  })
}
