import { together } from '#core/bag/together'
import { isCarried } from '#core/stock/things/places'
import type { Thing } from '#core/stock/things/thing'
import { hasColour } from '#shared/records/kit/kit'
import type { JobTogether } from '#shared/records/days/together'
import { today } from '#shared/today'
import type { Asking } from '../../compute/pool'
import { dayPlansOf, planned } from './dayPlans'
import { jobById } from '../jobs/jobs'
import { kitProducts } from '../kit/owned'
import { ownFactors, ownUse } from '../kit/ownUse'
import { placeLines } from '../kit/places'
import { allThings } from '../kit/things'

/* All faces of a job together: what their plans share, and whether there is enough of it. */

/** Whether a thing is in a place that goes to a job. */
export async function alongNow(): Promise<(thing: Pick<Thing, 'placeId'>) => boolean> {
  const carried = new Set((await placeLines()).filter(p => isCarried(p.sort)).map(p => p.id))
  return ({ placeId }) => placeId !== null && carried.has(placeId)
}

/** @throws Missing */
export async function togetherOn(jobId: string, asking: Asking): Promise<JobTogether> {
  const job = await jobById(jobId)
  const plans = await dayPlansOf(job, asking)
  const all = together(
    planned(plans),
    await allThings(),
    await alongNow(),
    today(),
    job.morning.venue,
    await ownFactors(),
  )
  const mixed = new Set(all.batches.flatMap(b => b.drops.map(d => d.id)))
  return {
    faces: job.bookings.map(b => ({ id: b.faceId, name: b.faceName })),
    ...all,
    own: (await ownUse()).filter(o => all.counts.some(c => c.kind === o.kind)),
    unplanned: plans.filter(p => p.plan === null).map(p => p.faceId),
    mixed: (await kitProducts())
      .filter(p => mixed.has(p.id) && hasColour(p))
      .map(({ id, shade, lab }) => ({ id, shade, lab })),
  }
}
