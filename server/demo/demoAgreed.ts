import { planFace } from '#core/plan/facePlan'
import type { Situation } from '#core/plan/question/question'
import { LockInput, locksOf } from '#shared/records/people/plans'
import { OccasionInput } from '#shared/records/method/consultation'
import type { Transaction } from '../db/connection'
import { planBodies, plans } from '../db/schema'
import { newId } from '../services/record/clock'

/** The demo's plan that was agreed at a rehearsal without a camera: one base held fast, and kept for the day. */
export async function insertAgreed(
  tx: Transaction,
  situation: Situation,
  {
    faceId,
    bookingId,
    baseId,
    agreed,
    savedAt,
  }: { faceId: string; bookingId: string; baseId: string; agreed: string; savedAt: string },
): Promise<void> {
  const locks = [Object.assign(new LockInput(), { key: 'foundation', drops: [{ id: baseId, count: 1 }] })]
  const job = { ...situation.job, flash: false }
  const plan = planFace({ ...situation, job, locks: locksOf(locks) })
  const id = newId()
  await tx.insert(plans).values({
    id,
    faceId,
    bookingId,
    kind: 'preview',
    occasion: { ...new OccasionInput(), ...job },
    agreed,
    change: '',
    layers: plan.layers.length,
    minutes: plan.minutes.full,
    costMinor: plan.cost.minor,
    savedAt,
  })
  await tx.insert(planBodies).values({ planId: id, locks, overrides: [], plan })
}
