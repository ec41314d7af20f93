import type { RowChange } from '#shared/records/record/changes'
import { removeAll, rowsNow, updateAll } from './bulk'
import { now } from './clock'
import type { Act } from './command'

/*
 * Thousands of rows of what is owned, taken back in one act: an imported table, undone. Row by row each would
 * ask the database five times; here they are read, checked and written by the handful.
 */

const OWNED = ['pans', 'fills', 'units', 'products'] as const
type Owned = (typeof OWNED)[number]
const isOwned = (table: string): table is Owned => (OWNED as readonly string[]).includes(table)
/** Below this nobody waits. */
const MANY = 200

/**
 * Takes back what can be taken back together.
 * @param stands whether a row is still as the act left it; others are left for the caller to name
 * @returns the changes that are left to be taken back one by one
 */
export async function takeBackMany(
  act: Act,
  changes: readonly RowChange[],
  stands: (today: Record<string, unknown> | undefined, change: RowChange) => void,
): Promise<RowChange[]> {
  // A row that the act wrote twice is taken back step by step.
  const ids = new Set(changes.map(c => `${c.table} ${c.id}`))
  if (changes.length < MANY || ids.size < changes.length) return [...changes]
  const together = (c: RowChange) => isOwned(c.table) && c.after !== null
  for (const table of OWNED) {
    const mine = changes.filter(c => c.table === table && together(c))
    const today = await rowsNow(
      act,
      table,
      mine.map(c => c.id),
    )
    for (const change of mine) stands(today.get(change.id) as Record<string, unknown> | undefined, change)
    const names = new Map(mine.map(c => [c.id, c.name]))
    const nameOf = ({ id }: { id: string }) => names.get(id) ?? ''
    const made = mine.filter(c => c.before === null)
    const changed = mine.filter(c => c.before !== null)
    if (table === 'fills' || table === 'pans')
      await removeAll(
        act,
        table,
        made.map(c => today.get(c.id)! as never),
        nameOf,
      )
    else
      await updateAll(
        act,
        table,
        made.map(c => ({ row: today.get(c.id)! as never, set: { deletedAt: now() } as never })),
        nameOf,
      )
    if (table !== 'pans')
      await updateAll(
        act,
        table,
        changed.map(c => ({ row: today.get(c.id)! as never, set: c.before as never })),
        nameOf,
      )
  }
  return changes.filter(c => !together(c) || (c.table === 'pans' && c.before !== null))
}
