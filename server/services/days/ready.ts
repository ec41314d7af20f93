import { isUnmatched } from '#core/bag/together'
import type { Check, CheckFace, JobReady } from '#shared/records/days/ready'
import type { Asking } from '../../compute/pool'
import { bagWith } from './bags'
import { allPurchases } from '../buying/buys'
import { dayPlansOf, type DayPlan } from './dayPlans'
import { jobById } from '../jobs/jobs'
import { morningWith } from './mornings'

/* What is still open before the day of a job: each with what mends it. */

const whose = ({ faceId, bookingId, name }: DayPlan): CheckFace => ({ faceId, bookingId, name })

/** @throws Missing */
export async function readyFor(jobId: string, asking: Asking): Promise<JobReady> {
  const job = await jobById(jobId)
  const plans = await dayPlansOf(job, asking)
  const bag = await bagWith(job, plans, asking)
  const checks: Check[] = []
  if (job.bookings.length === 0) checks.push({ is: 'nobody' })
  if (!job.day) checks.push({ is: 'no day' })
  const unread = plans.filter(p => p.plan === null).map(whose)
  if (unread.length > 0) checks.push({ is: 'unread', faces: unread })
  const unmatched = plans.filter(({ skin, plan }) => skin && plan && isUnmatched({ skin, plan })).map(whose)
  if (unmatched.length > 0) checks.push({ is: 'unmatched', faces: unmatched })
  for (const plan of plans)
    if (plan.against.length > 0) checks.push({ is: 'against', face: whose(plan), found: plan.against })
  if (bag.lacking.length > 0) {
    const sold = bag.lacking.flatMap(l => l.offer ?? [])
    const ordered = new Set(
      (await allPurchases()).flatMap(p => p.lines.filter(l => l.receivedAt === null).map(l => l.offer.id)),
    )
    checks.push({
      is: 'lacking',
      keys: bag.lacking.map(l => l.key),
      names: bag.lacking.map(l => l.name),
      sold: sold.length,
      priceMinor: sold.reduce((all, o) => all + o.priceMinor, 0),
      onTheWay: sold.length > 0 && sold.every(o => ordered.has(o.id)),
    })
  }
  const bring = bag.goes.filter(g => !g.isAlong).map(g => g.name)
  if (bring.length > 0) checks.push({ is: 'bring', names: bring })
  const past = bag.takeOut.filter(t => t.why === 'past its day' || t.why === 'empty')
  if (past.length > 0) checks.push({ is: 'past', names: past.map(t => t.name), ids: past.map(t => t.unitId) })
  const out = bag.takeOut.filter(t => t.why === 'not asked for')
  if (out.length > 0)
    checks.push({ is: 'out', names: out.map(t => t.name), massG: out.reduce((all, t) => all + t.massG, 0) })
  for (const over of bag.over) checks.push({ is: 'heavy', over })
  if (bag.buried.length > 0) checks.push({ is: 'buried', buried: bag.buried })
  return { checks, single: bag.single, venue: bag.venue, morning: morningWith(job, plans) }
}
