import { countsOf } from '#core/bag/counts'
import type { TakenAhead } from '#core/standard/audit'
import { today } from '#shared/today'
import type { Asking } from '../../compute/pool'
import { allJobs, jobById } from '../jobs/jobs'
import { ownFactors } from '../kit/ownUse'
import { dayPlansOf } from './dayPlans'

/* What the days ahead need of the kit: what goes on by the plan of everybody booked, and tools and supplies in counts. */

// Plans of further days are made nearer to them.
const MOST_JOBS = 12

export async function neededAhead(asking: Asking): Promise<{ products: string[]; taken: TakenAhead[] }> {
  const day = today()
  const lines = (await allJobs(day)).filter(j => j.day === null || j.day >= day).slice(0, MOST_JOBS)
  const factors = await ownFactors()
  const products = new Set<string>()
  const most = new Map<string, TakenAhead>()
  for (const { id } of lines) {
    const job = await jobById(id)
    const planned = (await dayPlansOf(job, asking)).flatMap(({ faceId, plan }) => (plan ? [{ faceId, plan }] : []))
    for (const { plan } of planned)
      for (const layer of plan.layers)
        for (const productId of layer.drops ? layer.drops.map(d => d.id) : [layer.item.id]) products.add(productId)
    const packs = planned.map(({ faceId, plan }) => ({ id: faceId, pack: plan.pack }))
    // One day after the other: brushes are washed between, so that the largest day decides.
    for (const { kind, shape, need } of countsOf(packs, job.morning.venue, factors)) {
      const key = `${kind} ${shape ?? ''}`
      if (need > (most.get(key)?.need ?? 0)) most.set(key, { kind, shape, need })
    }
  }
  return { products: [...products], taken: [...most.values()] }
}
