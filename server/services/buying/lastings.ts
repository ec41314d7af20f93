import { count, eq, gte, sql } from 'drizzle-orm'
import { addDays, differenceInCalendarDays, formatISO, parseISO } from 'date-fns'
import type { Drops } from '#core/complexion/mixing/recipe'
import { takenBy } from '#core/plan/described/amounts'
import { lastingOf, type Lasting, type Planned, type Taken } from '#core/stock/ends/lasting'
import { replacementsFor, type Replaceable } from '#core/stock/handling/replacement'
import type { Thing } from '#core/stock/things/thing'
import { useByOf } from '#core/stock/things/usual'
import type { StandIn } from '#shared/records/kit/ahead'
import type { CatalogueOffer, GearOffer } from '#shared/records/kit/buys'
import { hasColour, type OwnedProduct } from '#shared/records/kit/kit'
import { today } from '#shared/today'
import { db } from '../../db/connection'
import { fills, uses } from '../../db/schema'
import { catalogue } from './buys'
import { kitProducts } from '../kit/owned'

/* How long what is left of a product does, by the log of uses and by kept plans, and what could replace it. */

const LOG_DAYS = 365
/** From ordering to having it, where nobody who sells it says how long they take. */
const USUAL_LEAD_DAYS = 7

export const dayOf = (date: Date) => formatISO(date, { representation: 'date' })

/** What was taken, and when first. */
interface TakenSince extends Omit<Taken, 'days'> {
  first: string
}

/** What the log says was taken of each product in the last year. */
async function takenOf(): Promise<Map<string, TakenSince>> {
  const from = dayOf(addDays(parseISO(today()), -LOG_DAYS))
  const rows = await db
    .select({
      productId: fills.productId,
      jobId: uses.jobId,
      times: count(),
      counted: sql<number>`count(${uses.amount})`,
      amount: sql<number>`coalesce(sum(${uses.amount}), 0)`,
      first: sql<string>`min(${uses.at})`,
    })
    .from(uses)
    .innerJoin(fills, eq(uses.fillId, fills.id))
    .where(gte(uses.at, from))
    .groupBy(fills.productId, uses.jobId)
  const sums = new Map<string, { uses: number; counted: number; amount: number; most: number; first: string }>()
  for (const r of rows) {
    const sum = sums.get(r.productId) ?? { uses: 0, counted: 0, amount: 0, most: 0, first: r.first }
    sum.uses += r.times
    if (r.first < sum.first) sum.first = r.first
    sum.counted += r.counted
    sum.amount += r.amount
    if (r.jobId !== null) sum.most = Math.max(sum.most, r.amount)
    sums.set(r.productId, sum)
  }
  const byProduct = new Map<string, TakenSince>()
  for (const [id, { uses: times, counted, amount, most, first }] of sums)
    byProduct.set(id, { uses: times, meanAmount: counted > 0 ? amount / counted : null, mostOnOneJob: most, first })
  return byProduct
}

/** What kept plans of booked faces will take, by product: of the plans kept for one booking the newest. */
async function plannedTakes(): Promise<Map<string, Planned[]>> {
  // Taken apart where they lie: a plan says everything it weighed, and here only what goes on counts.
  const rows = await db.all<{ day: string; id: string; drops: string | null; amount: number }>(sql`
    SELECT jobs.day AS day, json_extract(l.value, '$.item.id') AS id, json_extract(l.value, '$.drops') AS drops,
      json_extract(l.value, '$.amount.value') AS amount
    FROM plans
      JOIN bookings ON bookings.id = plans.booking_id AND bookings.deleted_at IS NULL
      JOIN jobs ON jobs.id = bookings.job_id AND jobs.deleted_at IS NULL AND jobs.day >= ${today()}
      JOIN plan_bodies ON plan_bodies.plan_id = plans.id
      JOIN json_each(plan_bodies.plan, '$.layers') l
    WHERE plans.deleted_at IS NULL AND plans.used_at IS NULL AND NOT EXISTS (
      SELECT 1 FROM plans newer
      WHERE newer.booking_id = plans.booking_id AND newer.deleted_at IS NULL AND newer.saved_at > plans.saved_at)`)
  const byProduct = new Map<string, Planned[]>()
  for (const { day, id, drops, amount } of rows) {
    const parts = takenBy({ id, drops: drops === null ? null : (JSON.parse(drops) as Drops[]), amount })
    for (const part of parts)
      byProduct.set(part.id, [...(byProduct.get(part.id) ?? []), { on: day, amount: part.amount }])
  }
  return byProduct
}

export const leftIn = ({ size, level, count: many }: Pick<Thing, 'size' | 'level' | 'count'>) => size * level * many

/** What is known of how fast things go, and of who sells them. */
export interface Known {
  taken: Map<string, TakenSince>
  planned: Map<string, Planned[]>
  offers: Map<string, CatalogueOffer[]>
  supplierById: Map<string, { name: string; leadDays: number }>
}

export async function known(): Promise<Known> {
  const { offers, suppliers } = await catalogue()
  const byId = new Map<string, CatalogueOffer[]>()
  for (const o of offers) byId.set(o.productId, [...(byId.get(o.productId) ?? []), o])
  return {
    taken: await takenOf(),
    planned: await plannedTakes(),
    offers: byId,
    supplierById: new Map(suppliers.map(s => [s.id, s])),
  }
}

/** What of a product can be used: neither retired nor past its day. */
const usableUnits = (p: OwnedProduct) => {
  const isPast = (u: OwnedProduct['units'][number]) =>
    (useByOf(u.openedOn, p.traits.paoMonths, u.expiresOn) ?? LAST) < today()
  return p.units.filter(u => u.retiredAt === null && !isPast(u))
}
const LAST = '9999'
/** The last day on which any of it may be used; null where one of its packs has none. */
function lastDayOf(p: OwnedProduct): string | null {
  const days = usableUnits(p)
    .filter(u => u.level > 0)
    .map(u => useByOf(u.openedOn, p.traits.paoMonths, u.expiresOn) ?? LAST)
  const last = days.sort().at(-1) ?? LAST
  return last === LAST ? null : last
}

/** How fast it went since it was first opened, or first used where nobody noted that. */
function sinceOpened(p: OwnedProduct, taken: TakenSince | undefined): Taken {
  if (!taken) return { uses: 0, meanAmount: null, days: 0, mostOnOneJob: 0 }
  const { first, ...rest } = taken
  const [from] = [first, ...p.units.flatMap(u => u.openedOn ?? [])].map(d => d.slice(0, 10)).sort()
  const days = differenceInCalendarDays(parseISO(today()), parseISO(from!))
  return { ...rest, days: Math.min(LOG_DAYS, Math.max(1, days)) }
}

/** Days until it is here, of those who sell it quickest. */
export function leadOf(offers: readonly (CatalogueOffer | GearOffer)[], { supplierById }: Known): number {
  const leads = offers.flatMap(o => supplierById.get(o.supplierId)?.leadDays ?? [])
  return leads.length > 0 ? Math.min(...leads) : USUAL_LEAD_DAYS
}

export function lastingIn(p: OwnedProduct, all: Known): [Lasting | null, number] {
  const { taken, planned, offers } = all
  const leadDays = leadOf(offers.get(p.id) ?? [], all)
  const lasting = lastingOf({
    left: usableUnits(p).reduce((sum, u) => sum + leftIn(u), 0),
    kind: p.kind,
    taken: sinceOpened(p, taken.get(p.id)),
    planned: planned.get(p.id) ?? [],
    useBy: lastDayOf(p),
    leadDays,
    today: today(),
  })
  return [lasting, leadDays]
}

/** How long one product lasts; null where faces do not use it up. */
export async function lastingOfProduct(p: OwnedProduct): Promise<Lasting | null> {
  return lastingIn(p, await known())[0]
}

const replaceable = (p: OwnedProduct | CatalogueOffer, id: string, name: string): Replaceable => ({
  id,
  name,
  kind: p.kind,
  lab: hasColour(p) ? p.lab : null,
  coverage: p.coverage,
  family: p.family,
  finish: p.finish,
  texture: p.traits!.texture!,
})

/** What could replace a product that is no longer made: of what is owned and of what is offered. */
export async function standInsFor(p: OwnedProduct): Promise<StandIn[]> {
  const { offers, suppliers } = await catalogue()
  const kit = await kitProducts()
  return standIns(p, kit, offers, new Map(suppliers.map(s => [s.id, s])))
}
export function standIns(
  p: OwnedProduct,
  kit: readonly OwnedProduct[],
  offers: readonly CatalogueOffer[],
  supplierById: Known['supplierById'],
): StandIn[] {
  const owned = kit
    .filter(o => o.id !== p.id && usableUnits(o).some(u => u.level > 0) && !o.traits.limited)
    .map(o => ({ ...replaceable(o, o.id, o.shade), offer: null }))
  const ids = new Set(owned.map(o => o.id))
  const sold = offers
    .filter(o => o.inStock && !ids.has(o.productId) && o.productId !== p.id && !o.traits.limited)
    .map(o => ({ ...replaceable(o, o.productId, o.shade), offer: asked(o, supplierById) }))
  return replacementsFor(replaceable(p, p.id, p.shade), [...owned, ...sold]).map(({ by, deltaE, differs }) => ({
    productId: by.id,
    name: by.name,
    lab: by.lab,
    deltaE,
    differs,
    offer: by.offer,
  }))
}
export const asked = (o: CatalogueOffer | GearOffer, supplierById: Known['supplierById']) => ({
  id: o.id,
  supplier: supplierById.get(o.supplierId)?.name ?? '',
  priceMinor: o.priceMinor,
})
