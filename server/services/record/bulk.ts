import { eq, inArray, or, sql } from 'drizzle-orm'
import type { SQLiteColumn, SQLiteTable } from 'drizzle-orm/sqlite-core'
import type { ProductSort } from '#core/stock/things/things'
import { fills, products, units } from '../../db/schema'
import { giveTurn } from '../../db/turns'
import { RECORDS, same, type Act } from './command'

/*
 * Thousands of rows of what is owned, written in one act. What an act does row by row asks the database five times for each; here the rows
 * are known and statements are built once. Others get a turn between two of them, see db/turns.ts.
 */

type Owned = 'products' | 'units' | 'fills' | 'pans'
type RowOf<N extends Owned> = (typeof RECORDS)[N]['$inferSelect']
type Named<N extends Owned> = (row: RowOf<N>) => string
// One shape for all tables, for the few lines that treat them alike; the types of the callers say which is which.
const tableOf = (name: Owned) => RECORDS[name] as unknown as SQLiteTable & { id: SQLiteColumn }

// A row of products has two dozen values.
const AT_ONCE = 60
// Encoded here: a column's placeholder would turn a missing answer into no.
const later = (name: string) => sql`${sql.placeholder(name)}`
const encoded = (name: Owned, field: string, value: unknown): unknown => {
  const column = (tableOf(name) as unknown as Record<string, SQLiteColumn>)[field]!
  return value === null || value === undefined ? null : column.mapToDriverValue(value)
}

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
  }
  for (const row of rows) {
    act.products.add('productId' in row ? row.productId : row.id)
    act.noted(name, row, nameOf(row), null, row)
  }
}

/** A row as it was read in this act, and the fields to change. */
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
  for (const change of changes.map(differing)) {
    await giveTurn()
    const key = Object.keys(change.set).sort().join()
    const alike = byFields.get(key)
    if (alike) alike.push(change)
    else byFields.set(key, [change])
  }
  for (const [fields, some] of byFields) {
    if (fields === '') continue
    const names = fields.split(',')
    await writeSets(act, name, names, some)
    for (const { row, set } of some) {
      await giveTurn()
      const before = Object.fromEntries(names.map(f => [f, row[f as keyof typeof row]]))
      act.noted(name, row, nameOf(row), before, set)
    }
  }
  await touch(
    act,
    name,
    changes.map(c => c.row.id),
  )
}

/** What of a change is otherwise than it was. */
const differing = <N extends Owned>({ row, set }: Changed<N>): Changed<N> => ({
  row,
  set: Object.fromEntries(
    Object.entries(set).filter(([field, value]) => value !== undefined && !same(row[field as keyof typeof row], value)),
  ) as Partial<RowOf<N>>,
})

/** Rows that get the same values are written by one statement; where nearly each has its own, row by row. */
async function writeSets<N extends Owned>(
  act: Act,
  name: N,
  fields: readonly string[],
  changes: readonly Changed<N>[],
): Promise<void> {
  const table = tableOf(name)
  const valuesOf = ({ set }: Changed<N>) => fields.map(f => encoded(name, f, set[f as keyof typeof set]))
  const byValues = new Map<string, { values: unknown[]; ids: string[] }>()
  for (const change of changes) {
    await giveTurn()
    const values = valuesOf(change)
    const key = JSON.stringify(values)
    const known = byValues.get(key)
    if (known) known.ids.push(change.row.id)
    else byValues.set(key, { values, ids: [change.row.id] })
  }
  const update = act.tx
    .update(table)
    .set({ ...Object.fromEntries(fields.map(f => [f, later(f)])), version: sql`version + 1` })
  const one = update.where(eq(table.id, sql.placeholder('id'))).prepare()
  for (const { values, ids } of byValues.values()) {
    const said = Object.fromEntries(fields.map((f, i) => [f, values[i]]))
    if (ids.length === 1) await one.run({ ...said, id: ids[0] })
    else
      for (let at = 0; at < ids.length; at += READ_AT_ONCE)
        await act.tx
          .update(table)
          .set({
            ...Object.fromEntries(fields.map((f, i) => [f, sql`${values[i]}`])),
            version: sql`version + 1`,
          })
          .where(inArray(table.id, ids.slice(at, at + READ_AT_ONCE)))
  }
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
  }
  return found
}
const READ_AT_ONCE = 250

/** What products are called and whether they are tools, by id. */
export async function namesNow(
  act: Act,
  ids: readonly string[],
): Promise<Map<string, { shade: string; sort: ProductSort }>> {
  const found = new Map<string, { shade: string; sort: ProductSort }>()
  const once = [...new Set(ids)]
  for (let at = 0; at < once.length; at += READ_AT_ONCE)
    for (const { id, shade, sort } of await act.tx
      .select({ id: products.id, shade: products.shade, sort: products.sort })
      .from(products)
      .where(inArray(products.id, once.slice(at, at + READ_AT_ONCE))))
      found.set(id, { shade, sort })
  return found
}

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
  }
}

/** Marks the products of these rows as changed, and those that share a vessel with them. */
async function touch(act: Act, name: Exclude<Owned, 'pans'>, ids: readonly string[]): Promise<void> {
  const by = { products: [units.productId, fills.productId], units: [units.id], fills: [fills.id] }[name]
  for (let at = 0; at < ids.length; at += READ_AT_ONCE) {
    const part = ids.slice(at, at + READ_AT_ONCE)
    const found = await act.tx
      .selectDistinct({ product: fills.productId, whole: units.productId })
      .from(fills)
      .innerJoin(units, eq(fills.unitId, units.id))
      .where(or(...by.map(column => inArray(column, part))))
    for (const { product, whole } of found) act.products.add(product).add(whole)
  }
}
