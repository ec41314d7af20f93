import { asc, eq, inArray } from 'drizzle-orm'
import type { Face } from '#shared/records/people/faces'
import type { SavedPlan } from '#shared/records/people/plans'
import { db } from '../../db/connection'
import { pictures, products } from '../../db/schema'
import { now } from '../record/clock'
import { faceById } from '../people/faces'
import { planById } from '../plans/plans'
import { notedOn } from '../jobs/ticks'

/** Everything that is kept of one person, to be given to them: see docs/formats.md. */
export interface PersonRecord extends Pick<Face, 'readings' | 'recipes' | 'seen' | 'history' | 'bookings'> {
  format: 'varietas.person'
  version: 1
  madeAt: string
  person: Omit<
    Face,
    'readings' | 'recipes' | 'seen' | 'history' | 'bookings' | 'plans' | 'pictures' | 'own' | 'version'
  >
  /** What they bring. */
  brings: { name: string; brand: string; kind: string; ingredients: string; openedOn: string | null }[]
  plans: SavedPlan[]
  pictures: { note: string; createdAt: string; type: string; base64: string }[]
  /** What was noted at the chair. */
  saidAtTheChair: { text: string; at: string }[]
  /** Names of the products that are named by id above. */
  products: Record<string, string>
}

/** @throws Missing */
export async function personRecord(faceId: string): Promise<PersonRecord> {
  const {
    readings,
    recipes,
    seen,
    history,
    bookings,
    plans,
    pictures: shown,
    own,
    version: _v,
    ...person
  } = await faceById(faceId)
  const kept: SavedPlan[] = []
  for (const { id } of plans) kept.push(await planById(id))
  const images = []
  for (const { id, note, createdAt } of shown) {
    const [row] = await db
      .select({ type: pictures.type, bytes: pictures.bytes })
      .from(pictures)
      .where(eq(pictures.id, id))
    if (row) images.push({ note, createdAt, type: row.type, base64: Buffer.from(row.bytes).toString('base64') })
  }
  const ids = [
    ...history.map(h => h.productId),
    ...[...recipes, ...seen].flatMap(r => r.drops.map(d => d.id)),
    ...person.consultation.chart.flatMap(m => m.productId ?? []),
  ]
  const named = await db
    .select({ id: products.id, shade: products.shade })
    .from(products)
    .where(inArray(products.id, [...new Set(ids)]))
    .orderBy(asc(products.id))
  return {
    format: 'varietas.person',
    version: 1,
    madeAt: now(),
    person,
    readings,
    recipes,
    seen,
    history,
    bookings,
    brings: own.map(p => ({
      name: p.shade,
      brand: p.brand,
      kind: p.kind,
      ingredients: p.inci,
      openedOn: p.openedOn ?? null,
    })),
    plans: kept,
    pictures: images,
    saidAtTheChair: await notedOn(bookings),
    products: Object.fromEntries(named.map(p => [p.id, p.shade])),
  }
}
