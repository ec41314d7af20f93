import { eq, inArray, or, sql } from 'drizzle-orm'
import type { SQLiteColumn, SQLiteTable } from 'drizzle-orm/sqlite-core'
import { fills, units } from '../db/schema'
import { RECORDS, type Act } from './command'

/*
 * Thousands of rows of what is owned, written in one act. What an act does row by row asks the database five times for each; here the rows
 * are known, statements are built once, and others get a turn between two handfuls.
 */

type Owned = 'products' | 'units' | 'fills' | 'pans'
type RowOf<N extends Owned> = (typeof RECORDS)[N]['$inferSelect']
type Named<N extends Owned> = (row: RowOf<N>) => string
// One shape for all tables, for the few lines that treat them alike; the types of the callers say which is which.
const tableOf = (name: Owned) => RECORDS[name] as unknown as SQLiteTable & { id: SQLiteColumn }

// A row of products has two dozen values.
const AT_ONCE = 60
// Encoded here: a placeholder of a column makes no of what nobody said.
const later = (name: string) => sql`${sql.placeholder(name)}`
const encoded = (name: Owned, field: string, value: unknown): unknown => {
  const column = (tableOf(name) as unknown as Record<string, SQLiteColumn>)[field]!
  return value === null || value === undefined ? null : column.mapToDriverValue(value)
}
const breathe = () => new Promise(setImmediate)

/** Whole rows that are new: none of them is part of anything that was there. */
export async function insertAll<N extends Owned>(
  act: Act,
  name: N,
  rows: readonly RowOf<N>[],
  nameOf: Named<N>,
): Promise<void> {
  if (rows.length === 0) return
  const insertOf = (count: number) => {
    const values = Array.from({ length: count }, (_, i) =>
      Object.fromEntries(Object.keys(rows[0]!).map(c => [c, later(`${c}${i}`)])),
    )
    return act.tx.insert(tableOf(name)).values(values).prepare()
  }
  const [many, one] = [rows.length < AT_ONCE ? null : insertOf(AT_ONCE), insertOf(1)]
  for (let at = 0; at < rows.length;) {
    const some = rows.slice(at, many && rows.length - at >= AT_ONCE ? at + AT_ONCE : at + 1)
    const values = Object.fromEntries(
      some.flatMap((row, i) => Object.entries(row).map(([c, v]) => [`${c}${i}`, encoded(name, c, v)])),
    )
    await (some.length === 1 ? one : many!).run(values)
    at += some.length
    await breathe()
  }
  for (const row of rows) {
    act.products.add('productId' in row ? row.productId : row.id)
    act.noted(name, row, nameOf(row), null, row)
  }
}

/** A row as it was read in this act, and what of it is to be otherwise. */
export interface Changed<N extends Owned> {
  row: RowOf<N>
  set: Partial<RowOf<N>>
}

/** Rows that change, each once. */
export async function updateAll<N extends Exclude<Owned, 'pans'>>(
  act: Act,
  name: N,
  changes: readonly Changed<N>[],
  nameOf: Named<N>,
): Promise<void> {
  const byFields = new Map<string, Changed<N>[]>()
  for (const change of changes) {
    const key = Object.keys(change.set).sort().join()
    byFields.set(key, [...(byFields.get(key) ?? []), change])
  }
  for (const [fields, alike] of byFields) {
    const names = fields.split(',')
    const update = act.tx
      .update(tableOf(name))
      .set({ ...Object.fromEntries(names.map(f => [f, later(f)])), version: sql`version + 1` })
      .where(eq(tableOf(name).id, sql.placeholder('id')))
      .prepare()
    for (const [i, { row, set }] of alike.entries()) {
      const values = Object.entries(set).map(([f, v]) => [f, encoded(name, f, v)])
      await update.run({ ...Object.fromEntries(values), id: row.id })
      const before = Object.fromEntries(names.map(f => [f, row[f as keyof typeof row]]))
      act.noted(name, row, nameOf(row), before, set)
      if (i % AT_ONCE === 0) await breathe()
    }
  }
  await touch(
    act,
    name,
    changes.map(c => c.row.id),
  )
}

/** Rows as they stand now, by id; those that are not there any more are left out. */
export async function rowsNow<N extends Owned>(
  act: Act,
  name: N,
  ids: readonly string[],
): Promise<Map<string, RowOf<N>>> {
  const found = new Map<string, RowOf<N>>()
  for (let at = 0; at < ids.length; at += READ_AT_ONCE) {
    const table = tableOf(name)
    const rows = await act.tx
      .select()
      .from(table)
      .where(inArray(table.id, ids.slice(at, at + READ_AT_ONCE)))
    for (const row of rows as RowOf<N>[]) found.set(row.id, row)
    await breathe()
  }
  return found
}
const READ_AT_ONCE = 500

/** Rows that are taken away for good. */
export async function removeAll<N extends 'fills' | 'pans'>(
  act: Act,
  name: N,
  rows: readonly RowOf<N>[],
  nameOf: Named<N>,
): Promise<void> {
  if (name === 'fills')
    await touch(
      act,
      'fills',
      rows.map(r => r.id),
    )
  for (let at = 0; at < rows.length; at += READ_AT_ONCE) {
    const some = rows.slice(at, at + READ_AT_ONCE)
    await act.tx.delete(tableOf(name)).where(
      inArray(
        tableOf(name).id,
        some.map(r => r.id),
      ),
    )
    for (const row of some) act.noted(name, row, nameOf(row), row, null)
    await breathe()
  }
}

/** Something else is told now of the products of these rows, and of those that lie in one vessel with them. */
async function touch(act: Act, name: Exclude<Owned, 'pans'>, ids: readonly string[]): Promise<void> {
  const by = { products: [units.productId, fills.productId], units: [units.id], fills: [fills.id] }[name]
  for (let at = 0; at < ids.length; at += AT_ONCE) {
    const part = ids.slice(at, at + AT_ONCE)
    const found = await act.tx
      .selectDistinct({ product: fills.productId, whole: units.productId })
      .from(fills)
      .innerJoin(units, eq(fills.unitId, units.id))
      .where(or(...by.map(column => inArray(column, part))))
    for (const { product, whole } of found) act.products.add(product).add(whole)
  }
}
