import { inArray } from 'drizzle-orm'
import { betweenFaces } from '#core/hygiene/between'
import type { ChairFace, ChairPlan, JobChair } from '#shared/records/chairs'
import type { Asking } from '../compute/pool'
import { db } from '../db/connection'
import { products } from '../db/schema'
import { dayPlansOf, type DayPlan } from './dayPlans'
import { faceById } from './faces'
import { jobById } from './jobs'
import { colourOf } from './owned'

/* A day as it is worked from: everybody's plan with the bottles it is mixed from, in one answer. */

/** @throws Missing */
export async function jobChair(jobId: string, asking: Asking): Promise<JobChair> {
  const job = await jobById(jobId)
  const plans = await dayPlansOf(job, asking)
  const services = new Map(job.bookings.map(b => [b.id, b.services]))
  const faces = await Promise.all(plans.map(plan => atTheChair(plan, services.get(plan.bookingId) ?? '')))
  return { faces, bottles: await bottlesIn(faces) }
}

async function atTheChair(day: DayPlan, services: string): Promise<ChairFace> {
  const { bookingId, faceId, name, skin, plan, kept, against } = day
  const face = await faceById(faceId)
  const noted = face.plans.find(p => p.id === kept?.id)
  return {
    bookingId,
    faceId,
    name,
    services,
    skin,
    sensitivities: face.consultation.sensitivities,
    plan: plan && workedFrom(plan),
    against: against.map(a => a.sentence),
    agreed: noted?.agreed ?? '',
    change: noted?.change ?? '',
    between: plan ? betweenFaces(plan) : [],
  }
}

const workedFrom = ({ layers, steps, seams, minutes, pack }: ChairPlan): ChairPlan => ({
  layers: layers.map(l => ({ ...l, alternatives: l.alternatives.map(a => ({ ...a, findings: [] })) })),
  steps,
  seams,
  minutes,
  pack,
})

async function bottlesIn(faces: readonly ChairFace[]): Promise<JobChair['bottles']> {
  const drops = faces.flatMap(
    f => f.plan?.layers.flatMap(l => [l, ...l.alternatives].flatMap(one => one.drops ?? [])) ?? [],
  )
  const ids = [...new Set(drops.map(d => d.id))]
  const rows = await db.select().from(products).where(inArray(products.id, ids))
  return Object.fromEntries(rows.map(row => [row.id, { shade: row.shade, lab: colourOf(row) }]))
}
