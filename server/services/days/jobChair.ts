import { asksOf } from '#core/ingredients/declared'
import { isReady } from '#core/stock/things/thing'
import { inArray } from 'drizzle-orm'
import { betweenFaces } from '#core/bag/between'
import { foundAmong } from '#core/stock/handling/found'
import type { ChairFace, ChairPlan, JobChair } from '#shared/records/people/chairs'
import { today } from '#shared/today'
import type { Asking } from '../../compute/pool'
import { db } from '../../db/connection'
import { products } from '../../db/schema'
import { dayPlansOf, type DayPlan } from './dayPlans'
import { faceById } from '../people/faces'
import { jobById } from '../jobs/jobs'
import { alongNow } from './jobTogether'
import { colourOf } from '../kit/owned'
import { placeLines } from '../kit/places'
import { allThings } from '../kit/things'

/* A day as it is worked from: everybody's plan with the bottles it is mixed from, in one answer. */

/** @throws Missing */
export async function jobChair(jobId: string, asking: Asking): Promise<JobChair> {
  const job = await jobById(jobId)
  const plans = await dayPlansOf(job, asking)
  const services = new Map(job.bookings.map(b => [b.id, b.services]))
  const faces = await Promise.all(plans.map(plan => atTheChair(plan, services.get(plan.bookingId) ?? '')))
  return { faces, bottles: await bottlesIn(faces), found: await foundFor(faces) }
}

/** Where everything that goes on is reached for, what may go on instead included. */
async function foundFor(faces: readonly ChairFace[]): Promise<JobChair['found']> {
  const layers = faces.flatMap(f => f.plan?.layers ?? [])
  const ids = layers.flatMap(l => [l, ...l.alternatives].flatMap(o => o.drops?.map(d => d.id) ?? [o.item.id]))
  const ready = (await allThings()).filter(t => isReady(t, today()))
  const names = new Map((await placeLines()).map(p => [p.id, p.name]))
  const found = foundAmong(ready, new Set(ids), await alongNow())
  return Object.fromEntries(
    [...found].map(([id, { along, pan, placeId }]) => [id, { along, pan, place: names.get(placeId ?? '') ?? '' }]),
  )
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
    askFirst: asksOf(face.consultation.sensitivities, face.consultation.packsRead),
    keepPictures: face.consultation.keepPictures,
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
