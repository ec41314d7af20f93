import { existsSync } from 'node:fs'
import { mkdir, rename } from 'node:fs/promises'
import { join } from 'node:path'
import { drizzle } from 'drizzle-orm/libsql'
import { migrate } from 'drizzle-orm/libsql/migrator'
import type { Client, InArgs, Row } from '@libsql/client'
import { columnsOf, quoted, recordTables, withFile } from './raw'
import { removeDatabase } from './restore'

const AT_ONCE = 50

/** Rows of a table as far as they can be read: from the front until it breaks, then from the back. */
async function* readable(client: Client, table: string): AsyncGenerator<Row> {
  let reached = -Infinity
  for (const order of ['ASC', 'DESC'] as const) {
    let from: number | null = null
    let atOnce = AT_ONCE
    for (;;) {
      const beyond: string = from === null ? '' : `WHERE rowid ${order === 'ASC' ? '>' : '<'} ${from}`
      let rows: Row[]
      try {
        rows = (
          await client.execute(
            `SELECT rowid AS "__rowid", * FROM ${quoted(table)} ${beyond} ORDER BY rowid ${order} LIMIT ${atOnce}`,
          )
        ).rows
      } catch {
        if (atOnce === 1) break
        // One by one, up to the very row that cannot be read.
        atOnce = 1
        continue
      }
      for (const row of rows) {
        from = Number(row.__rowid)
        if (order === 'DESC' && from <= reached) return
        if (order === 'ASC') reached = from
        yield row
      }
      if (rows.length < atOnce) {
        if (order === 'ASC') return
        break
      }
    }
  }
}

/** Everything that can be read of a database as JSON, table by table, without pictures: for a look, or another program. */
export async function exportReadable(database: string): Promise<Uint8Array> {
  const tables = await withFile(database, async client => {
    const found: string[] = []
    for (const table of await recordTables(client)) {
      const rows: string[] = []
      for await (const row of readable(client, table)) {
        const { __rowid: _place, bytes: _picture, ...rest } = row
        rows.push(JSON.stringify(rest))
      }
      found.push(`${JSON.stringify(table)}: [\n${rows.join(',\n')}\n]`)
    }
    return found
    // Where not even the list of tables can be read, report just that.
  }).catch((): string[] => [])
  const head = '{"format": "varietas.readable", "version": 1, "tables": {'
  return new TextEncoder().encode(`${head}\n${tables.join(',\n')}\n}}\n`)
}

export interface Salvaged {
  rows: number
  /** Folder beside the data where the damaged files lie untouched. */
  keptIn: string
}

/**
 * Builds a sound database out of what can be read of a damaged one. The damaged files are not changed: they are put aside.
 * @throws Error when nothing at all can be read; then everything stays as it is
 */
export async function salvage(folder: string, migrations: string, at: string): Promise<Salvaged> {
  const database = join(folder, 'varietas.db')
  const fresh = join(folder, SALVAGED)
  const half = `${fresh}-half`
  await removeDatabase(fresh)
  await removeDatabase(half)
  let count = 0
  try {
    await withFile(half, async to => {
      await migrate(drizzle(to), { migrationsFolder: migrations })
      // Nobody has this file before it is whole: it need not outlive a power cut row by row.
      await to.executeMultiple('PRAGMA foreign_keys = OFF; PRAGMA journal_mode = MEMORY; PRAGMA synchronous = OFF')
      await withFile(database, async from => {
        for (const table of await recordTables(to)) {
          const columns = await columnsOf(to, table)
          for await (const row of readable(from, table)) {
            const there = columns.filter(c => c in row)
            await to
              .execute({
                sql: `INSERT OR IGNORE INTO ${quoted(table)} (${there.map(quoted).join()}) VALUES (${there.map(() => '?').join()})`,
                args: there.map(c => row[c]) as InArgs,
              })
              .then(
                () => count++,
                // A row that today's tables do not take is left where it is, in the files put aside.
                () => undefined,
              )
          }
        }
      })
    })
    if (count === 0) throw new Error('nothing could be read')
  } catch (problem) {
    await removeDatabase(half)
    throw problem
  }
  await rename(half, fresh)
  return { rows: count, keptIn: await swapIn(folder, fresh, at) }
}

/** Databases that are put together beside the data, whole before anything is moved. */
export const RESTORED = '.restored.db'
const SALVAGED = '.salvaged.db'
const BESIDE = ['-wal', '-shm']

/** Puts a database in the place of the one that is there, whose files are put aside and kept. */
export async function swapIn(folder: string, fresh: string, at: string): Promise<string> {
  const keptIn = `set-aside-${at.replace(/[:.]/g, '-')}`
  await mkdir(join(folder, keptIn), { recursive: true })
  // The data first: from then on a start that finds none knows that it has to finish this.
  await moveInto(folder, keptIn, ['', ...BESIDE])
  await rename(fresh, join(folder, 'varietas.db'))
  return keptIn
}

/**
 * Finishes a swap that a kill broke off: the old files are aside and the new ones not in their place yet. What belonged to the
 * old data must not lie beside the new ones, where SQLite would take it for theirs.
 */
export async function finishSwap(folder: string, at: string): Promise<void> {
  if (existsSync(join(folder, 'varietas.db'))) return
  const fresh = [RESTORED, SALVAGED].find(name => existsSync(join(folder, name)))
  if (fresh) await swapIn(folder, join(folder, fresh), at)
}

async function moveInto(folder: string, keptIn: string, ends: readonly string[]): Promise<void> {
  for (const end of ends) {
    const file = join(folder, `varietas.db${end}`)
    if (existsSync(file)) await rename(file, join(folder, keptIn, `varietas.db${end}`))
  }
}
