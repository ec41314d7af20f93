import { and, eq, isNull } from 'drizzle-orm'
import type { PlannedFace } from '#core/bag/needs'
import { againstToday, type Against } from '#core/plan/against'
import type { FacePlan } from '#core/plan/facePlan'
import type { Lab } from '#core/colour/lab'
import { targetReading } from '#shared/asked/faceFacts'
import type { Job } from '#shared/records/days/jobs'
import { PlanInput } from '#shared/records/people/plans'
import { today } from '#shared/today'
import type { Asking } from '../../compute/pool'
import { db, isFile, onWritten } from '../../db/connection'
import { bookings, jobs } from '../../db/schema'
import { Conflict } from '../../base/problems'
import { faceById } from '../people/faces'
import { keptFor, planFor, planRecords, type KeptPlan } from '../plans/plans'

/* What everybody of a job is made up by on the day: the plan that was kept for it, or agreed at its preview, else the one made now. */

export interface DayPlan {
  bookingId: string
  faceId: string
  name: string
  skin: Lab | null
  /** Null where the skin has not been read. */
  plan: FacePlan | null
  /** The kept plan it is; null where it is made now. */
  kept: KeptPlan | null
  /** Whether it is in the log of this day already: one that was only agreed, and used, at the preview is not. */
  used: boolean
  /** What speaks against a kept plan on this day. */
  against: Against[]
}

/*
 * Bag, quote, morning and wrap of a job ask for the same plans one after the other: those of the jobs last looked at are held until
 * something is written.
 */
const MOST_HELD = 3
const held = new Map<string, { key: string; plans: readonly DayPlan[] }>()
let written = 0
onWritten(() => {
  held.clear()
  written++
})

/** Everybody of a job in the order of the day. Not to be written to. */
export async function dayPlansOf(job: Job, asking: Asking): Promise<readonly DayPlan[]> {
  // What others may write to as well is reckoned each time.
  if (!isFile()) return reckoned(job, asking)
  const key = `${today()} ${job.version}`
  const known = held.get(job.id)
  if (known?.key === key) return known.plans
  const before = written
  const plans = await reckoned(job, asking)
  // What was written meanwhile may have changed any of them.
  if (written === before) {
    held.delete(job.id)
    held.set(job.id, { key, plans })
    if (held.size > MOST_HELD) held.delete(held.keys().next().value!)
  }
  return plans
}

async function reckoned(job: Job, asking: Asking): Promise<DayPlan[]> {
  const kept = await keptFor(job.bookings.map(b => b.id))
  const agreed = await agreedAtPreview(job.id)
  const all: DayPlan[] = []
  // One after the other: so many plans at once would take every thread from other callers.
  for (const { id: bookingId, faceId, faceName: name } of job.bookings) {
    const face = await faceById(faceId)
    const skin = targetReading(face)?.mean ?? null
    const input = { ...new PlanInput(), bookingId }
    const whose = { bookingId, faceId, name, skin }
    const own = kept.get(bookingId) ?? agreed.get(faceId) ?? null
    if (own && skin) {
      const against = againstToday(own.plan.layers, await planRecords(face, input), own.overrides)
      const used = own.bookingId === bookingId && own.usedAt !== null
      all.push({ ...whose, plan: own.plan, kept: own, used, against })
    } else {
      const plan = skin && (await unlessUnread(planFor(faceId, input, asking)))
      all.push({ ...whose, plan: plan || null, kept: null, used: false, against: [] })
    }
  }
  return all
}

/** What was kept at the previews of a job, by face; of a day that goes on from another, what was kept on the nearest before. */
async function agreedAtPreview(jobId: string, seen = new Set([jobId])): Promise<Map<string, KeptPlan>> {
  const rows = await db
    .select({ id: bookings.id, faceId: bookings.faceId, jobId: jobs.id })
    .from(jobs)
    .leftJoin(bookings, and(eq(bookings.jobId, jobs.id), isNull(bookings.deletedAt)))
    .where(and(eq(jobs.previewOfId, jobId), isNull(jobs.deletedAt)))
  const kept = await keptFor(rows.flatMap(r => r.id ?? []))
  const agreed = new Map<string, KeptPlan>()
  for (const before of new Set(rows.map(r => r.jobId))) {
    if (seen.has(before)) continue
    for (const [faceId, plan] of await agreedAtPreview(before, seen.add(before))) agreed.set(faceId, plan)
  }
  for (const { id, faceId } of rows) if (id && faceId && kept.has(id)) agreed.set(faceId, kept.get(id)!)
  return agreed
}

/** A plan; nothing where the skin has not been read. */
async function unlessUnread<T>(plan: Promise<T>): Promise<T | null> {
  try {
    return await plan
  } catch (problem) {
    if (!(problem instanceof Conflict)) throw problem
    return null
  }
}

/** Those whose plan is there. */
export const planned = (plans: readonly DayPlan[]): PlannedFace[] =>
  plans.flatMap(({ faceId, skin, plan }) => (skin && plan ? [{ id: faceId, skin, plan }] : []))
