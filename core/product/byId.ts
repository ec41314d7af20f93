import type { KitItem } from './item'

const tables = new WeakMap<readonly KitItem[], ReadonlyMap<string, KitItem>>()
/** Items by id: the same table for every recipe of a plan. */
export function byIdOf(items: readonly KitItem[]): ReadonlyMap<string, KitItem> {
  const table = tables.get(items) ?? new Map(items.map(i => [i.id, i]))
  tables.set(items, table)
  return table
}
