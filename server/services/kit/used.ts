import { and, eq, isNull } from 'drizzle-orm'
import { USED_BEFORE } from '#core/stock/ends/deadWeight'
import { take, type Fill } from '#core/stock/things/fills'
import type { OwnedProduct } from '#shared/records/kit/kit'
import type { UsedInput } from '#shared/records/kit/things'
import { db, type Transaction } from '../../db/connection'
import { fills, products, units, uses } from '../../db/schema'
import { Missing } from '../../base/problems'
import { newId } from '../record/clock'
import { command, type Act } from '../record/command'
import { ownedAmong } from './owned'

/* What is taken out of bottles and packs, and the log that says so. */

export interface Log {
  at: string
  faceId: string | null
  jobId: string | null
  planId: string | null
  note?: string
}

/** Takes amounts of products, in the measure of their fills, out of what can be used on a face: theirs before the kit's. */
export async function useAmounts(act: Act, amounts: ReadonlyMap<string, number>, log: Log): Promise<void> {
  const owned = await usedFrom(act.tx, log.faceId, [...amounts.keys()])
  for (const [productId, amount] of amounts) {
    const product = owned.get(productId)
    if (product) await use(act, product, amount, log)
  }
}

/** What can be used on a face of these products. */
async function usedFrom(
  tx: Transaction,
  faceId: string | null,
  ids: readonly string[],
): Promise<Map<string, OwnedProduct>> {
  const owned = await ownedAmong(tx, ids)
  const theirs = owned.filter(p => p.ownerFaceId !== null && p.ownerFaceId === faceId)
  return new Map([...owned.filter(p => p.ownerFaceId === null), ...theirs].map(p => [p.id, p]))
}

/** Takes an amount from the units of a product in the order they are used; what the bottles do not hold is logged all the same. */
async function use(act: Act, { units }: OwnedProduct, amount: number, log: Log): Promise<void> {
  const order = units.filter(u => u.retiredAt === null).map(u => ({ ...u, id: u.fillId, unitId: u.id }))
  const taken = await takeOut(act, order, amount, log)
  const [first] = units
  if (!taken && first)
    await act.insert('uses', { id: newId(), fillId: first.fillId, unitId: first.id, amount: null, ...log })
}

/** Takes an amount from fills in the order they are used. @returns whether there was any to take */
export async function takeOut<F extends Fill & { unitId: string }>(
  act: Act,
  from: readonly F[],
  amount: number,
  log: Log,
): Promise<boolean> {
  const taken = take(from, amount)
  for (const { fill, amount: here } of taken) {
    await act.update('fills', fill.id, { level: fill.level })
    await act.insert('uses', { id: newId(), fillId: fill.id, unitId: fill.unitId, amount: here, ...log })
  }
  return taken.length > 0
}

/** A use that the artist remembers, from before it was logged or beside it: nothing is taken off. @throws Missing */
export function usedBefore(unitId: string, { on }: UsedInput): Promise<{ id: string }> {
  return command('That it was used is written down.', async act => {
    const [fill] = await act.tx
      .select({ id: fills.id })
      .from(fills)
      .innerJoin(units, eq(fills.unitId, units.id))
      .where(and(eq(fills.unitId, unitId), isNull(units.deletedAt)))
      .limit(1)
    if (!fill) throw new Missing('This thing')
    return act.insert('uses', { id: newId(), unitId, fillId: fill.id, at: on, note: USED_BEFORE })
  })
}

/** What the log says was taken on a job, a row each use. */
export const loggedOn = (jobId: string) =>
  db
    .select({
      unitId: units.id,
      name: products.shade,
      kind: products.kind,
      sort: products.sort,
      measure: fills.measure,
      size: fills.size,
      priceMinor: units.priceMinor,
      count: units.count,
      amount: uses.amount,
    })
    .from(uses)
    .innerJoin(fills, eq(uses.fillId, fills.id))
    .innerJoin(units, eq(fills.unitId, units.id))
    .innerJoin(products, eq(fills.productId, products.id))
    .where(eq(uses.jobId, jobId))
