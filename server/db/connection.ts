import { mkdirSync } from 'node:fs'
import { createClient, type Client } from '@libsql/client'
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql'
import { migrate } from 'drizzle-orm/libsql/migrator'
import pLimit from 'p-limit'
import { databaseFile, databaseServer, dataFolder, migrationsFolder } from '../base/config'
import { FairClient } from './fairClient'
import { Held, heldInWords, holder } from './held'
import * as schema from './schema'
import { isBusy, whileBusy } from './whileBusy'

// SQLite waits inside its call and holds up everybody: waiting is done out here, see whileBusy.
const BUSY_TIMEOUT_MS = 0
/** How long a write waits for another program; a start waits longer, since nobody can go on without it. */
const PATIENCE_MS = 1000
const START_PATIENCE_MS = 5000
let patienceMs = START_PATIENCE_MS
/** From now on somebody waits at a page for each answer. */
export const startIsOver = (): void => {
  patienceMs = PATIENCE_MS
}
/** Until when a write that is asked for now waits for another program, milliseconds since 1970. */
export const patientUntil = (): number => Date.now() + patienceMs
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
  const opened = new FairClient(
    createClient({ ...(server ?? { url: `file:${databaseFile()}` }), timeout: BUSY_TIMEOUT_MS }),
  )
  try {
    await whileBusy(patientUntil(), async () => {
      if (opened.protocol === 'file') await opened.execute('PRAGMA journal_mode = WAL')
      await opened.execute('SELECT count(*) FROM sqlite_master')
    })
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
  await whileBusy(patientUntil(), () => migrate(db, { migrationsFolder: migrationsFolder() }))
}

/** Runs alone: no write of this process before it is done. */
export const exclusively = pLimit(1)
let idle: NodeJS.Timeout | undefined

/** Caches of the database in memory; each is informed of a write as soon as it is committed. */
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
 * answer BUSY at once. Another program that holds the file is waited for, for a moment.
 * @param touched what it touched, known once the work is done
 * @throws Held where another program does not let it go in time; nothing was done
 */
export function write<T>(work: (tx: Transaction) => Promise<T>, touched: () => WrittenIds = () => null): Promise<T> {
  const until = patientUntil()
  return exclusively(async () => {
    try {
      const done = await locked(until, work)
      for (const told of keepers) told(touched())
      return done
    } finally {
      clearTimeout(idle)
      idle = setTimeout(() => void exclusively(checkpoint).catch(() => undefined), IDLE_MS)
      idle.unref()
    }
  })
}

/** @throws Held where the lock is not to be had in time */
async function locked<T>(until: number, work: (tx: Transaction) => Promise<T>): Promise<T> {
  let isBegun = false
  try {
    return await whileBusy(
      until,
      () =>
        db.transaction(tx => {
          isBegun = true
          notHeld()
          return work(tx)
        }),
      () => isBegun,
    )
  } catch (problem) {
    if (isBegun || !isBusy(problem)) throw problem
    const by = isFile() ? holder(databaseFile()) : 'Another program'
    tellHeld(heldInWords(by))
    watch ??= setInterval(() => void exclusively(tryLock).catch(() => undefined), WATCH_MS)
    watch.unref()
    throw new Held(by)
  }
}

let watch: NodeJS.Timeout | undefined
const WATCH_MS = 500
let tellHeld: (sentence: string | null) => void = () => undefined
/** Whoever tells the artist that another program holds the data, and that it has let go. */
export const onHeld = (tell: typeof tellHeld): void => {
  tellHeld = tell
}
const tryLock = () => db.transaction(async () => notHeld())

function notHeld(): void {
  if (watch === undefined) return
  clearInterval(watch)
  watch = undefined
  tellHeld(null)
}

/** Brings everything from the write-ahead log into the one file and empties the log. */
export async function checkpoint(): Promise<void> {
  if (client?.protocol === 'file') await client.execute('PRAGMA wal_checkpoint(TRUNCATE)')
}

/** Waits for the write that is under way, empties the log and closes; afterwards the one file is everything. */
export async function closeDatabase(): Promise<void> {
  clearTimeout(idle)
  clearInterval(watch)
  watch = undefined
  await exclusively(async () => {
    await checkpoint().catch(() => undefined)
    client?.close()
    client = undefined
  })
}
