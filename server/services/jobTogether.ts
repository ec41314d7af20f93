import { together, type PlannedFace } from '#core/bag/together'
import { isCarried } from '#core/stock/places'
import { targetReading } from '#shared/faceFacts'
import { hasColour } from '#shared/records/kit'
import { PlanInput } from '#shared/records/plans'
import type { JobTogether } from '#shared/records/together'
import { today } from '#shared/today'
import type { Asking } from '../compute/pool'
import { Conflict } from '../utils/problems'
import { faceById } from './faces'
import { jobById } from './jobs'
import { kitProducts } from './owned'
import { placeLines } from './places'
import { planFor } from './plans'
import { allThings } from './things'

/* All faces of a job together: what their plans share, and whether there is enough of it. */

/** @throws Missing */
export async function togetherOn(jobId: string, asking: Asking): Promise<JobTogether> {
  const job = await jobById(jobId)
  const planned: PlannedFace[] = []
  const unplanned: string[] = []
  for (const { id: bookingId, faceId } of job.bookings) {
    const skin = targetReading(await faceById(faceId))?.mean
    const plan = skin && (await unlessUnread(planFor(faceId, { ...new PlanInput(), bookingId }, asking)))
    if (plan) planned.push({ id: faceId, skin, plan })
    else unplanned.push(faceId)
  }
  const carried = new Set((await placeLines()).filter(p => isCarried(p.sort)).map(p => p.id))
  const isAlong = ({ placeId }: { placeId: string | null }) => placeId !== null && carried.has(placeId)
  const all = together(planned, await allThings(), isAlong, today())
  const mixed = new Set(all.batches.flatMap(b => b.drops.map(d => d.id)))
  return {
    faces: job.bookings.map(b => ({ id: b.faceId, name: b.faceName })),
    ...all,
    unplanned,
    mixed: (await kitProducts())
      .filter(p => mixed.has(p.id) && hasColour(p))
      .map(({ id, shade, lab }) => ({ id, shade, lab })),
  }
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
