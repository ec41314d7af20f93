import { eq, inArray } from 'drizzle-orm'
import { fills, units } from '../../db/schema'
import { giveTurn } from '../../db/turns'
import { BadInput, Missing } from '../../base/problems'
import { namesNow, rowsNow, updateAll, type Changed } from '../record/bulk'
import { newId, now } from '../record/clock'
import type { Act } from '../record/command'

/* Things on their way from one place to another: thousands of them as one act, sets of tools in part. */

export interface Move {
  unitId: string
  /** How many of a set; left out, all of it. */
  count?: number
  /** Null: out of their place. */
  to: string | null
}

type UnitRow = typeof units.$inferSelect

/**
 * Moves things of the kit, all or none.
 * @returns the name of each, in the order they were asked for
 * @throws Missing where one is gone, BadInput where there are fewer of a set
 */
export async function moveAll(act: Act, moves: readonly Move[]): Promise<string[]> {
  const there = await rowsNow(
    act,
    'units',
    moves.map(m => m.unitId),
  )
  const products = await namesNow(
    act,
    [...there.values()].map(u => u.productId),
  )
  const nameOf = (unit: UnitRow) => products.get(unit.productId)?.shade ?? ''
  const whole = new Map<string, Changed<'units'>>()
  const inPart: Move[] = []
  const names: string[] = []
  for (const move of moves) {
    await giveTurn()
    const unit = there.get(move.unitId)
    if (!unit || unit.deletedAt !== null || unit.ownerFaceId !== null) throw new Missing('One of these things')
    names.push(nameOf(unit))
    if (products.get(unit.productId)?.sort === 'tool') inPart.push(move)
    else {
      refuseMore(unit, move, nameOf(unit))
      // The last word about a thing counts.
      if (unit.placeId === move.to) whole.delete(unit.id)
      else whole.set(unit.id, { row: unit, set: { placeId: move.to } })
    }
  }
  await updateAll(act, 'units', [...whole.values()], nameOf)
  const sets = await setsOf(act, inPart, there)
  for (const { unitId, count, to } of inPart) {
    const unit = sets.get(unitId)!
    refuseMore(unit, { count }, nameOf(unit))
    if (unit.placeId !== to) await moveSet(act, unit, count ?? unit.count, to, sets)
  }
  return names
}

/** Everything that was ever put into a place stands in another now, also what is no longer there for anybody. */
export async function placeElsewhere(act: Act, from: string, to: string | null): Promise<void> {
  const inside = await act.tx.select().from(units).where(eq(units.placeId, from))
  const products = await namesNow(
    act,
    inside.map(u => u.productId),
  )
  await updateAll(
    act,
    'units',
    inside.map(row => ({ row, set: { placeId: to } })),
    unit => products.get(unit.productId)?.shade ?? '',
  )
}

function refuseMore(unit: UnitRow, { count }: Pick<Move, 'count'>, name: string): void {
  if (count !== undefined && count > unit.count)
    throw new BadInput([{ path: 'units', message: `there are only ${unit.count} of ${name} there` }])
}

/** Every unit of the products of these, by id: where the same stands already they become one set again. */
async function setsOf(
  act: Act,
  moves: readonly Move[],
  there: ReadonlyMap<string, UnitRow>,
): Promise<Map<string, UnitRow>> {
  const ids = [...new Set(moves.map(m => there.get(m.unitId)!.productId))]
  const found = new Map<string, UnitRow>()
  for (let at = 0; at < ids.length; at += AT_ONCE)
    for (const unit of await act.tx
      .select()
      .from(units)
      .where(inArray(units.productId, ids.slice(at, at + AT_ONCE))))
      found.set(unit.id, unit)
  return found
}
const AT_ONCE = 500

/** Of a set some may go and some stay; `sets` is kept as it then stands. */
async function moveSet(
  act: Act,
  unit: UnitRow,
  some: number,
  to: string | null,
  sets: Map<string, UnitRow>,
): Promise<void> {
  const change = async (row: UnitRow, set: Partial<UnitRow>) => {
    sets.set(row.id, (await act.update('units', row.id, set))!)
  }
  const alike = [...sets.values()].find(
    u =>
      u.productId === unit.productId
      && u.id !== unit.id
      && u.placeId === to
      && u.deletedAt === null
      && u.retiredAt === unit.retiredAt
      && u.role === unit.role
      && u.ownerFaceId === null,
  )
  const rest = unit.count - some
  if (alike) {
    await change(alike, { count: alike.count + some })
    await change(unit, rest > 0 ? { count: rest } : { deletedAt: now() })
    return
  }
  if (rest === 0) {
    await change(unit, { placeId: to })
    return
  }
  const { id: _id, version: _version, ...same } = unit
  await change(unit, { count: rest })
  const made = await act.insert('units', { ...same, id: newId(), count: some, placeId: to })
  sets.set(made.id, made)
  for (const fill of await act.tx
    .select()
    .from(fills)
    .where(inArray(fills.unitId, [unit.id]))) {
    const { id: _fill, version: _v, ...held } = fill
    await act.insert('fills', { ...held, id: newId(), unitId: made.id })
  }
}
