import { mkdirSync } from 'node:fs'
import { homedir } from 'node:os'
import { dirname, join, resolve } from 'node:path'
import { createClient } from '@libsql/client'
import { drizzle } from 'drizzle-orm/libsql'
import { migrate } from 'drizzle-orm/libsql/migrator'
import * as schema from './schema'

const BUSY_TIMEOUT_MS = 5000

/** Where the data live: a libSQL server when DATABASE_URL names one, else a file in the VARIETAS_DATA folder. */
function location(): { url: string; authToken?: string } {
  const url = process.env.DATABASE_URL
  if (url) return { url, authToken: process.env.DATABASE_AUTH_TOKEN }
  const folder = resolve(process.env.VARIETAS_DATA ?? join(homedir(), '.local/share/varietas'))
  mkdirSync(folder, { recursive: true })
  return { url: `file:${join(folder, 'varietas.db')}` }
}

const client = createClient({ ...location(), timeout: BUSY_TIMEOUT_MS })
export const db = drizzle(client, { schema })
export type Transaction = Parameters<Parameters<typeof db.transaction>[0]>[0]

// Nitro writes NODE_ENV into the built server as production; everything else runs from the source tree.
const migrations =
  process.env.NODE_ENV === 'production'
    ? join(dirname(process.argv[1]!), 'migrations')
    : join(process.cwd(), 'server/db/migrations')

/** Brings the database to today's schema, in one transaction. Called once at start, before anything is served. */
export async function migrateDatabase(): Promise<void> {
  if (client.protocol === 'file') await client.execute('PRAGMA journal_mode = WAL')
  await migrate(db, { migrationsFolder: migrations })
}

let last: Promise<unknown> = Promise.resolve()

/**
 * Rewrites the file without anything that was deleted, and empties the write-ahead log: afterwards no byte of a deleted
 * row is left on disk. A libSQL server keeps its files itself.
 */
export function leaveNoTrace(): Promise<void> {
  const next = last.then(async () => {
    if (client.protocol !== 'file') return
    await client.execute('PRAGMA wal_checkpoint(TRUNCATE)')
    await client.execute('VACUUM')
    await client.execute('PRAGMA wal_checkpoint(TRUNCATE)')
  })
  last = next.catch(() => undefined)
  return next
}

/**
 * Runs a write in a transaction, one after the other: two overlapping write transactions in one process make SQLite
 * answer BUSY at once and spoil the pooled connection.
 */
export function write<T>(work: (tx: Transaction) => Promise<T>): Promise<T> {
  const next = last.then(() => db.transaction(work))
  last = next.catch(() => undefined)
  return next
}
