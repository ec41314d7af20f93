import { createReadStream, createWriteStream } from 'node:fs'
import { cp, mkdir, mkdtemp, readFile, rm, stat, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { finished } from 'node:stream/promises'
import type { Client, InArgs, InValue } from '@libsql/client'
import { getTableColumns, getTableName, is } from 'drizzle-orm'
import { drizzle } from 'drizzle-orm/libsql'
import { migrate } from 'drizzle-orm/libsql/migrator'
import { SQLiteTable } from 'drizzle-orm/sqlite-core'
import { excess } from '#shared/checks/json'
import * as schema from '../db/schema'
import { DamagedArchive } from './archive'
import { columnsOf, faultsOf, migrationsDone, quoted, recordTables, withFile } from './raw'
import { ofTheCopy, removeDatabase } from './restore'

/*
 * Everything as open JSON, out and in again: each table as a list of rows under the names of its columns, colours as numbers, times and
 * days as ISO 8601, money in minor units, pictures as base64. What the columns mean is in docs/formats.md.
 */

export const OPEN_FORMAT = 'varietas.everything'
export const OPEN_VERSION = 1
// Read as one piece of text, it takes several times that much memory.
const MOST_WHOLE = 15_000_000
/** The largest row: a picture, as base64. */
const MOST_LINE = 40_000_000
/** Far deeper than any row nests, far shallower than what exhausts the call stack. */
const BOUNDS = { levels: 40, members: 1_000_000 }

export interface OpenHead {
  app: string
  exportedAt: string
  /** How many migrations the tables have been through: those of an older version are brought to today's on the way in. */
  schema: number
}

/** Columns whose text is JSON of its own, by table. */
const JSON_COLUMNS: ReadonlyMap<string, ReadonlySet<string>> = new Map(
  (Object.values(schema) as unknown[]).flatMap(value => {
    if (!is(value, SQLiteTable)) return []
    const json = Object.values(getTableColumns(value)).filter(c => c.columnType === 'SQLiteCustomColumn')
    return [[getTableName(value), new Set(json.map(c => c.name))] as const]
  }),
)

/** A value of the database as JSON; text that is JSON of its own stands as what it says. */
function opened(value: unknown, isJson: boolean): unknown {
  if (value instanceof ArrayBuffer) return { base64: Buffer.from(value).toString('base64') }
  if (!isJson || typeof value !== 'string') return typeof value === 'bigint' ? Number(value) : value
  try {
    const said = JSON.parse(value) as unknown
    // A text stays the text it is, so that it is known from JSON that cannot be read.
    return typeof said === 'string' ? value : said
  } catch {
    return value
  }
}

const isBytes = (value: unknown): value is { base64: string } =>
  typeof value === 'object' && value !== null && typeof (value as { base64?: unknown }).base64 === 'string'

function closed(value: unknown, isJson: boolean): InValue {
  if (isJson) return value === null || typeof value === 'string' ? value : JSON.stringify(value)
  if (isBytes(value)) return Buffer.from(value.base64, 'base64')
  if (value === null || typeof value === 'string' || typeof value === 'number') return value
  if (typeof value === 'boolean') return value ? 1 : 0
  throw new DamagedArchive('it holds a value that no column takes')
}

const AT_ONCE = 200

/** Writes everything into a file, a row a line. */
export async function writeEverything(database: string, to: string, app: string, at: string): Promise<void> {
  const out = createWriteStream(to)
  const write = async (text: string) => {
    if (!out.write(text)) await new Promise<void>(resolve => out.once('drain', () => resolve()))
  }
  try {
    await withFile(database, async client => {
      const head: OpenHead = { app, exportedAt: at, schema: (await migrationsDone(client)).length }
      await write(
        `{"format": "${OPEN_FORMAT}", "version": ${OPEN_VERSION}, ${JSON.stringify(head).slice(1, -1)}, "tables": {`,
      )
      for (const [k, table] of (await recordTables(client)).entries()) {
        await write(`${k > 0 ? ',' : ''}\n${JSON.stringify(table)}: [`)
        let written = 0
        for (let from = -1; ;) {
          const { rows } = await client.execute({
            sql: `SELECT rowid AS "__rowid", * FROM ${quoted(table)} WHERE rowid > ? ORDER BY rowid LIMIT ${AT_ONCE}`,
            args: [from],
          })
          if (rows.length === 0) break
          from = Number(rows.at(-1)!.__rowid)
          for (const { __rowid: _place, ...row } of rows) {
            const json = JSON_COLUMNS.get(table)
            const fields = Object.entries(row).map(([name, value]) => [name, opened(value, json?.has(name) ?? false)])
            await write(`${written++ > 0 ? ',' : ''}\n${JSON.stringify(Object.fromEntries(fields))}`)
          }
        }
        await write(']')
      }
      await write('\n}}\n')
    })
  } finally {
    out.end()
    await finished(out).catch(() => undefined)
  }
}

type Row = Record<string, unknown>
interface Read {
  head: OpenHead
  rows: AsyncIterable<{ table: string; row: Row }>
}

const isRow = (value: unknown): value is Row => typeof value === 'object' && value !== null && !Array.isArray(value)

function headOf(said: unknown): OpenHead {
  const { format, version, schema: count, exportedAt, app } = (said ?? {}) as Record<string, unknown>
  if (format !== OPEN_FORMAT) throw new DamagedArchive('it does not say that it holds everything of Varietas')
  if (version !== OPEN_VERSION) throw new DamagedArchive('it was made by a newer version of Varietas: update first')
  if (typeof count !== 'number' || typeof exportedAt !== 'string' || Number.isNaN(Date.parse(exportedAt)))
    throw new DamagedArchive('it does not say when and by which version it was made')
  return { app: typeof app === 'string' ? app : '', exportedAt, schema: count }
}

/** As it goes out from here: a row a line, so that it need not be held as a whole. Undefined where it is set out otherwise. */
async function readLines(file: string): Promise<Read | undefined> {
  const lines = linesOf(file)
  const first = await lines.next()
  const open = /^(\{.*), "tables": \{$/.exec(first.done ? '' : first.value)
  if (!open) return undefined
  const head = headOf(parsed(`${open[1]!}}`))
  async function* rows() {
    let table: string | undefined
    let isWhole = false
    for (let line = await lines.next(); !line.done; line = await lines.next()) {
      const text = line.value.trim()
      const named = /^("(?:[a-z_]{1,60})"): \[(\])?,?$/.exec(text)
      if (named) table = named[2] ? undefined : (parsed(named[1]!) as string)
      else if (/^\],?$/.test(text)) table = undefined
      else if (text === '}}') isWhole = true
      else if (text !== '') {
        const row = parsed(text.replace(/(?:\],?|,)$/, ''))
        if (table === undefined || !isRow(row)) throw new DamagedArchive('a line of it is no row of a table')
        yield { table, row }
        if (/\],?$/.test(text)) table = undefined
      }
    }
    if (!isWhole) throw new DamagedArchive('it was cut short: its end is missing')
  }
  return { head, rows: rows() }
}

/** The lines of a file, one at a time. @throws DamagedArchive for one that is longer than any row can be */
async function* linesOf(file: string): AsyncGenerator<string> {
  let parts: string[] = []
  let length = 0
  for await (const chunk of createReadStream(file, { encoding: 'utf8' }) as AsyncIterable<string>) {
    const [first, ...others] = chunk.split('\n') as [string, ...string[]]
    length += first.length
    if (length > MOST_LINE)
      throw new DamagedArchive('a line of it is longer than any row: write a row a line, as Varietas does')
    parts.push(first)
    for (const next of others) {
      yield parts.join('').replace(/\r$/, '')
      parts = [next]
      length = next.length
    }
  }
  yield parts.join('')
}

function parsed(text: string): unknown {
  if (excess(text, BOUNDS))
    throw new DamagedArchive('it nests deeper, or holds more in one row, than any row of Varietas does')
  return json(text)
}

function json(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    throw new DamagedArchive('it is no JSON that can be read to its end')
  }
}

/** Set out by another program: held as a whole. */
async function readWhole(file: string): Promise<Read> {
  if ((await stat(file)).size > MOST_WHOLE)
    throw new DamagedArchive('it is too large to be read at once: write a row a line, as Varietas does')
  const text = await readFile(file, 'utf8')
  if (excess(text, { ...BOUNDS, members: MOST_WHOLE }))
    throw new DamagedArchive('it nests deeper than any row of Varietas does')
  const said = json(text) as { tables?: unknown }
  const head = headOf(said)
  if (!isRow(said.tables)) throw new DamagedArchive('its tables are missing')
  const tables = Object.entries(said.tables)
  async function* rows() {
    for (const [table, list] of tables) {
      if (!Array.isArray(list)) throw new DamagedArchive(`"${table.slice(0, 40)}" is no list of rows`)
      for (const row of list as unknown[]) {
        if (!isRow(row)) throw new DamagedArchive(`a row of "${table.slice(0, 40)}" is none`)
        yield { table, row }
      }
    }
  }
  return { head, rows: rows() }
}

/** The migrations as they were when the file was made, in a folder of their own. */
async function migrationsUntil(migrations: string, count: number): Promise<string> {
  const journal = JSON.parse(await readFile(join(migrations, 'meta/_journal.json'), 'utf8')) as {
    entries: { tag: string }[]
  }
  if (!Number.isInteger(count) || count < 1) throw new DamagedArchive('it does not say which version it is of')
  if (count > journal.entries.length)
    throw new DamagedArchive('it was made by a newer version of Varietas: update first')
  const folder = await mkdtemp(join(tmpdir(), 'varietas-migrations-'))
  await mkdir(join(folder, 'meta'))
  const entries = journal.entries.slice(0, count)
  for (const { tag } of entries) await cp(join(migrations, `${tag}.sql`), join(folder, `${tag}.sql`))
  await writeFile(join(folder, 'meta/_journal.json'), JSON.stringify({ ...journal, entries }))
  return folder
}

async function fill(client: Client, rows: Read['rows']): Promise<number> {
  const columns = new Map<string, readonly string[]>()
  for (const table of await recordTables(client)) {
    columns.set(table, await columnsOf(client, table))
    // What a new database begins with is in the file, as it was left.
    await client.execute(`DELETE FROM ${quoted(table)}`)
  }
  let pictures = 0
  await client.execute('PRAGMA foreign_keys = OFF')
  for await (const { table, row } of rows) {
    const known = columns.get(table)
    if (!known) throw new DamagedArchive(`it holds "${table.slice(0, 40)}", which Varietas does not know`)
    const named = Object.keys(row)
    const odd = named.find(c => !known.includes(c))
    if (odd !== undefined)
      throw new DamagedArchive(`a row of "${table}" has "${odd.slice(0, 40)}", which Varietas does not know`)
    const json = JSON_COLUMNS.get(table)
    const args: InArgs = named.map(c => closed(row[c], json?.has(c) ?? false))
    try {
      const sql = `INSERT INTO ${quoted(table)} (${named.map(quoted).join()}) VALUES (${named.map(() => '?').join()})`
      await client.execute({ sql, args })
    } catch {
      throw new DamagedArchive(`a row of "${table}" is not what such a row can be`)
    }
    if (table === 'pictures') pictures++
  }
  const strays = await client.execute('PRAGMA foreign_key_check')
  if (strays.rows[0])
    throw new DamagedArchive(`a row of "${String(strays.rows[0].table)}" names another that is not there`)
  return pictures
}

/**
 * Builds a database out of a file of {@link writeEverything}, or one written by another program after its description, and brings it to
 * today's schema. Nothing of the data is touched.
 * @throws DamagedArchive with the reason
 */
export async function readEverything(
  file: string,
  to: string,
  migrations: string,
): Promise<{ manifest: { createdAt: string; app: string; reason: 'open file' }; pictures: number }> {
  const { head, rows } = (await readLines(file)) ?? (await readWhole(file))
  await removeDatabase(to)
  const folder = await migrationsUntil(migrations, head.schema)
  try {
    const pictures = await ofTheCopy(() =>
      withFile(to, async client => {
        await migrate(drizzle(client), { migrationsFolder: folder })
        await client.executeMultiple('PRAGMA journal_mode = MEMORY; PRAGMA synchronous = OFF')
        const found = await fill(client, rows)
        await migrate(drizzle(client), { migrationsFolder: migrations })
        if ((await faultsOf(client)).length > 0) throw new DamagedArchive('the data in it do not hold together')
        return found
      }),
    )
    return { manifest: { createdAt: head.exportedAt, app: head.app, reason: 'open file' }, pictures }
  } catch (problem) {
    await removeDatabase(to)
    throw problem
  } finally {
    await rm(folder, { recursive: true, force: true })
  }
}
