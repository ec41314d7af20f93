import { AsyncLocalStorage } from 'node:async_hooks'
import { desc, eq, lt, sql } from 'drizzle-orm'
import type { SQLiteColumn, SQLiteTable } from 'drizzle-orm/sqlite-core'
import type { RowChange } from '#shared/records/record/changes'
import { write, type Transaction, type WrittenIds } from '../../db/connection'
import * as tables from '../../db/schema'
import { nameOfRow } from './changeWords'
import { now } from './clock'

/*
 * Every act of the artist is one command: one transaction, and one row in `changes` that holds what was there before and after, so
 * that it can be taken back. Services write through the act they are given and through nothing else.
 */

/** Tables whose rows an act may write, by the name they have in a change. */
export const RECORDS = {
  products: tables.products,
  pans: tables.pans,
  places: tables.places,
  units: tables.units,
  fills: tables.fills,
  uses: tables.uses,
  rangesApart: tables.rangesApart,
  faces: tables.faces,
  readings: tables.readings,
  recipes: tables.recipes,
  seenVerdicts: tables.seenVerdicts,
  faceHistory: tables.faceHistory,
  jobs: tables.jobs,
  bookings: tables.bookings,
  ticks: tables.ticks,
  plans: tables.plans,
  pictures: tables.pictures,
  paletteTests: tables.paletteTests,
  flashTests: tables.flashTests,
  measuredMixes: tables.measuredMixes,
  purchases: tables.purchases,
  purchaseLines: tables.purchaseLines,
  settings: tables.settings,
  standards: tables.standards,
  standingLists: tables.standingLists,
} as const
export type RecordName = keyof typeof RECORDS
type Columns<N extends RecordName> = (typeof RECORDS)[N]['$inferSelect']
type Written<N extends RecordName> = (typeof RECORDS)[N]['$inferInsert']

/** Too large to stand in a change a second time; a picture is put away and never taken out of its row. */
const NOT_KEPT = ['bytes']

type Row = Record<string, unknown>
// One shape for all tables, for the few lines that treat them alike; the types of the callers say which is which.
type AnyTable = SQLiteTable & { id: SQLiteColumn }
const tableOf = (name: string): AnyTable => RECORDS[name as RecordName] as unknown as AnyTable
export const isRecordName = (name: string): name is RecordName => Object.hasOwn(RECORDS, name)

const kept = (row: Row): Row => Object.fromEntries(Object.entries(row).filter(([field]) => !NOT_KEPT.includes(field)))
const keyOf = (name: string, id: string) => (name === 'settings' ? Number(id) : id)

/** One row as it stands, without what is too large to be kept twice. */
export async function rowNow(tx: Transaction, name: string, id: string): Promise<Row | undefined> {
  const table = tableOf(name)
  const columns = Object.fromEntries(
    Object.entries(table).filter(([field, c]) => isColumn(c) && !NOT_KEPT.includes(field)),
  )
  const [row] = await tx
    .select(columns as Record<string, SQLiteColumn>)
    .from(table)
    .where(eq(table.id, keyOf(name, id)))
  return row
}
const isColumn = (value: unknown): boolean => typeof value === 'object' && value !== null && 'columnType' in value

/** Whether two values of a column are the same, however they came to be. */
export const same = (x: unknown, y: unknown): boolean => x === y || JSON.stringify(x) === JSON.stringify(y)

/** Rows written in one command. */
export class Act {
  readonly rows: RowChange[] = []
  /** Products that were written, or whose units were. */
  readonly products = new Set<string>()
  constructor(readonly tx: Transaction) {}

  async insert<N extends RecordName>(name: N, row: Written<N>): Promise<Columns<N>> {
    const [made] = (await this.tx
      .insert(tableOf(name))
      .values(row as Row)
      .returning()) as Row[]
    await this.note(name, made!, null, kept(made!))
    return made as Columns<N>
  }

  /** Changes one row; undefined where there is none. */
  async update<N extends RecordName>(name: N, id: string, set: Partial<Written<N>>): Promise<Columns<N> | undefined> {
    const before = await rowNow(this.tx, name, id)
    if (!before) return undefined
    const changed = Object.entries(set).filter(([field, value]) => value !== undefined && !same(before[field], value))
    const table = tableOf(name)
    if (changed.length > 0) {
      const versioned = 'version' in before ? { version: sql`version + 1` } : {}
      await this.tx
        .update(table)
        .set({ ...Object.fromEntries(changed), ...versioned })
        .where(eq(table.id, keyOf(name, id)))
      const fields = changed.map(([field]) => field)
      const after = (await rowNow(this.tx, name, id))!
      await this.note(name, { ...before, ...after }, only(before, fields), only(after, fields))
      return { ...before, ...after } as Columns<N>
    }
    return before as Columns<N>
  }

  /** Takes one row away for good; undefined where there is none. */
  async remove<N extends RecordName>(name: N, id: string): Promise<Columns<N> | undefined> {
    const before = await rowNow(this.tx, name, id)
    if (!before) return undefined
    const table = tableOf(name)
    await this.tx.delete(table).where(eq(table.id, keyOf(name, id)))
    await this.note(name, before, before, null)
    return before as Columns<N>
  }

  /** What was done to a row by other hands than these, see bulk.ts. */
  noted(table: RecordName, row: { id: string }, name: string, before: Row | null, after: Row | null): void {
    this.rows.push({ table, id: row.id, name, faceId: null, before, after: after && kept(after) })
  }

  private async note(table: string, row: Row, before: Row | null, after: Row | null): Promise<void> {
    const whose = table === 'faces' ? row.id : (row.faceId ?? row.ownerFaceId)
    for (const id of await productsIn(this.tx, table, row)) this.products.add(id)
    this.rows.push({
      table,
      id: String(row.id),
      name: await nameOfRow(this.tx, table, row),
      faceId: typeof whose === 'string' ? whose : null,
      before,
      after,
    })
  }
}

/** Products that change with this row: its own, and those in the same vessel. */
async function productsIn(tx: Transaction, table: string, row: Row): Promise<string[]> {
  const { fills, units } = tables
  const among = {
    products: () => eq(units.productId, String(row.id)),
    units: () => eq(units.id, String(row.id)),
    fills: () => eq(units.id, String(row.unitId)),
  }[table]
  if (!among) return []
  const found = await tx
    .selectDistinct({ id: fills.productId })
    .from(fills)
    .innerJoin(units, eq(fills.unitId, units.id))
    .where(among())
  return [...found.map(f => f.id), String(table === 'products' ? row.id : row.productId)]
}

const only = (row: Row, fields: readonly string[]): Row => Object.fromEntries(fields.map(f => [f, row[f] ?? null]))

/** Whoever asks: the device it comes from, and what was done for it. */
export interface Asker {
  device: string
  /** Of a request that may be sent again: its key, and a digest of what it asks for. */
  request?: { key: string; asked: string }
  done: { id: number; words: string }[]
}
export const asker = new AsyncLocalStorage<Asker>()

const UNNAMED = 'this server'
// Words are kept for good; rows as far back as anybody takes something back, and some more.
const ROWS_KEPT = 200

/**
 * Does one act of the artist.
 * @param words what was done, in words for the history, people as {face:ID}; nothing is kept of an act that changed nothing
 */
export function command<T>(
  words: string | ((done: T) => string),
  work: (act: Act) => Promise<T>,
  undoes: number | null = null,
): Promise<T> {
  let touched: WrittenIds = null
  return write(
    async tx => {
      const act = new Act(tx)
      const done = await work(act)
      touched = { products: act.products, faces: new Set(act.rows.flatMap(r => r.faceId ?? [])) }
      if (act.rows.length > 0) {
        const said = typeof words === 'string' ? words : words(done)
        const [change] = await tx
          .insert(tables.changes)
          .values({ at: now(), by: asker.getStore()?.device ?? UNNAMED, words: said, rows: act.rows, undoes })
          .returning({ id: tables.changes.id })
        if (undoes !== null)
          await tx.update(tables.changes).set({ undoneBy: change!.id }).where(eq(tables.changes.id, undoes))
        await forgetOldRows(tx)
        await noteRequest(tx)
        asker.getStore()?.done.push({ id: change!.id, words: said })
      }
      return done
    },
    () => touched,
  )
}

const REQUESTS_KEPT_MS = 86_400_000
/** In the same transaction as what it does: whether it was done is known, whatever happens to its answer. */
async function noteRequest(tx: Transaction): Promise<void> {
  const request = asker.getStore()?.request
  if (!request) return
  await tx.delete(tables.requests).where(lt(tables.requests.at, new Date(Date.now() - REQUESTS_KEPT_MS).toISOString()))
  await tx
    .insert(tables.requests)
    .values({ ...request, at: now() })
    .onConflictDoNothing()
}

async function forgetOldRows(tx: Transaction): Promise<void> {
  const [last] = await tx
    .select({ id: tables.changes.id })
    .from(tables.changes)
    .orderBy(desc(tables.changes.id))
    .limit(1)
    .offset(ROWS_KEPT)
  if (last)
    await tx
      .update(tables.changes)
      .set({ rows: [] })
      .where(sql`${lt(tables.changes.id, last.id + 1)} AND ${tables.changes.rows} <> '[]'`)
}
