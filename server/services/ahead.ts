import { and, asc, count, eq, gte, isNull, or, sql } from 'drizzle-orm'
import { addDays, addMonths, differenceInCalendarDays, formatISO, parseISO } from 'date-fns'
import { amountsOf } from '#core/plan/amounts'
import type { FacePlan } from '#core/plan/facePlan'
import { lastingOf, wastedBy, type Lasting, type Planned, type Taken } from '#core/stock/lasting'
import { replacementsFor, type Replaceable } from '#core/stock/replacement'
import { isUsed, type Thing } from '#core/stock/thing'
import { useByOf } from '#core/stock/usual'
import type { BookedFace, EndsLine, KitAhead, OpenSince, RunsOutLine, StandIn } from '#shared/records/ahead'
import type { CatalogueOffer } from '#shared/records/buys'
import { hasColour, type OwnedProduct } from '#shared/records/kit'
import { today } from '#shared/today'
import { db } from '../db/connection'
import { bookings, faces, fills, jobs, planBodies, plans, uses } from '../db/schema'
import { catalogue } from './buys'
import { kitProducts } from './owned'
import { allThings } from './things'
import { untilWritten } from './untilWritten'

/* What of the kit ends and what runs out, by the log of uses and by the kept plans of faces that are booked. */

const LOG_DAYS = 365
/** From ordering to having it, where nobody who sells it says how long they take. */
const USUAL_LEAD_DAYS = 7
/** What ends later is nobody's worry yet. */
const ENDS_WITHIN_DAYS = 180
const ORDER_WITHIN_DAYS = 60
const MOST_LINES = 60

const dayOf = (date: Date) => formatISO(date, { representation: 'date' })

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

/** What kept plans of booked faces will take, by product. */
async function plannedTakes(): Promise<Map<string, Planned[]>> {
  const rows = await db
    .select({ day: jobs.day, layers: sql<string>`json_extract(${planBodies.plan}, '$.layers')` })
    .from(planBodies)
    .innerJoin(plans, and(eq(plans.id, planBodies.planId), isNull(plans.deletedAt), isNull(plans.usedAt)))
    .innerJoin(bookings, and(eq(bookings.id, plans.bookingId), isNull(bookings.deletedAt)))
    .innerJoin(jobs, and(eq(jobs.id, bookings.jobId), isNull(jobs.deletedAt)))
    .where(gte(jobs.day, today()))
  const byProduct = new Map<string, Planned[]>()
  for (const { day, layers } of rows)
    for (const [id, amount] of amountsOf({ layers: JSON.parse(layers) as FacePlan['layers'] }))
      byProduct.set(id, [...(byProduct.get(id) ?? []), { on: day!, amount }])
  return byProduct
}

const leftIn = ({ size, level, count: many }: Pick<Thing, 'size' | 'level' | 'count'>) => size * level * many

interface Known {
  taken: Map<string, TakenSince>
  planned: Map<string, Planned[]>
  offers: Map<string, CatalogueOffer[]>
  supplierById: Map<string, { name: string; leadDays: number }>
}

async function known(): Promise<Known> {
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

/** How fast it went since it was first opened, or first used where nobody noted that. */
function sinceOpened(p: OwnedProduct, taken: TakenSince | undefined): Taken {
  if (!taken) return { uses: 0, meanAmount: null, days: 0, mostOnOneJob: 0 }
  const { first, ...rest } = taken
  const [from] = [first, ...p.units.flatMap(u => u.openedOn ?? [])].map(d => d.slice(0, 10)).sort()
  const days = differenceInCalendarDays(parseISO(today()), parseISO(from!))
  return { ...rest, days: Math.min(LOG_DAYS, Math.max(1, days)) }
}

function lastingIn(p: OwnedProduct, { taken, planned, offers, supplierById }: Known): [Lasting | null, number] {
  const leads = (offers.get(p.id) ?? []).flatMap(o => supplierById.get(o.supplierId)?.leadDays ?? [])
  const leadDays = leads.length > 0 ? Math.min(...leads) : USUAL_LEAD_DAYS
  const lasting = lastingOf({
    left: usableUnits(p).reduce((sum, u) => sum + leftIn(u), 0),
    kind: p.kind,
    taken: sinceOpened(p, taken.get(p.id)),
    planned: planned.get(p.id) ?? [],
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

/** What could stand in for a product that is made no more: of what is owned and of what is offered. */
export async function standInsFor(p: OwnedProduct): Promise<StandIn[]> {
  const { offers, suppliers } = await catalogue()
  const kit = await kitProducts()
  return standIns(p, kit, offers, new Map(suppliers.map(s => [s.id, s])))
}
function standIns(
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
const asked = (o: CatalogueOffer, supplierById: Known['supplierById']) => ({
  id: o.id,
  supplier: supplierById.get(o.supplierId)?.name ?? '',
  priceMinor: o.priceMinor,
})

async function bookedAhead(): Promise<BookedFace[]> {
  return db
    .select({ faceId: faces.id, name: faces.name, bookingId: bookings.id, job: jobs.name, day: jobs.day })
    .from(bookings)
    .innerJoin(faces, and(eq(faces.id, bookings.faceId), isNull(faces.deletedAt)))
    .innerJoin(jobs, and(eq(jobs.id, bookings.jobId), isNull(jobs.deletedAt)))
    .where(and(isNull(bookings.deletedAt), or(isNull(jobs.day), gte(jobs.day, today()))))
    .orderBy(sql`${jobs.day} IS NULL`, asc(jobs.day), asc(bookings.position))
    .limit(MOST_LINES)
}

/** Begun, so that it is open whatever was noted; pans of a palette were opened one by one. */
const isBegun = (t: Thing) => t.pans.length === 0 && t.level > 0 && t.level < 1

async function readAhead(): Promise<KitAhead> {
  const all = await known()
  const kit = (await kitProducts()).filter(p => p.units.some(u => u.retiredAt === null))
  const byId = new Map(kit.map(p => [p.id, p]))
  const lastings = new Map(kit.map(p => [p.id, lastingIn(p, all)]))
  const things = (await allThings()).filter(isUsed)
  const soon = dayOf(addDays(parseISO(today()), ENDS_WITHIN_DAYS))
  const ends = things
    .filter(t => t.useBy !== null && t.useBy <= soon && t.level > 0)
    .sort((x, y) => (x.useBy! < y.useBy! ? -1 : x.useBy! > y.useBy! ? 1 : 0))
    .slice(0, MOST_LINES)
    .map(({ id, name, kind, lab, placeId, useBy, measure, productId, ...t }): EndsLine => {
      const lasting = t.pans.length === 0 ? lastings.get(productId)?.[0] : null
      const wasted = lasting ? wastedBy({ ...lasting }, useBy!, today()) : null
      const left = leftIn(t)
      return {
        id,
        name,
        kind,
        lab,
        placeId,
        useBy: useBy!,
        left,
        measure,
        wasted: wasted === null ? null : Math.min(left, wasted),
      }
    })
  const orderSoon = dayOf(addDays(parseISO(today()), ORDER_WITHIN_DAYS))
  const runsOut = kit
    .flatMap((p): RunsOutLine[] => {
      const [lasting, leadDays] = lastings.get(p.id)!
      if (!lasting?.known || lasting.orderBy === null || lasting.orderBy > orderSoon) return []
      const [offer] = (all.offers.get(p.id) ?? []).filter(o => o.inStock).sort((x, y) => x.priceMinor - y.priceMinor)
      const { limited } = p.traits
      return [
        {
          productId: p.id,
          id: p.units[0]!.id,
          name: p.shade,
          kind: p.kind,
          lab: hasColour(p) ? p.lab : null,
          measure: p.units[0]!.measure,
          lasting,
          leadDays,
          offer: offer && !limited ? asked(offer, all.supplierById) : null,
          limited,
          standIns: [],
        },
      ]
    })
    .sort((x, y) =>
      x.lasting.orderBy! < y.lasting.orderBy!
        ? -1
        : x.lasting.orderBy! > y.lasting.orderBy!
          ? 1
          : x.lasting.faces - y.lasting.faces,
    )
    .slice(0, MOST_LINES)
  const { offers } = await catalogue()
  for (const line of runsOut)
    if (line.limited || line.offer === null)
      line.standIns = standIns(byId.get(line.productId)!, kit, offers, all.supplierById)
  return {
    ends,
    runsOut,
    openSince: openSince(things, byId),
    booked: await bookedAhead(),
    silent: [...lastings.values()].filter(([l]) => l !== null && !l.known).length,
  }
}

/** What is open and would be past its last day if it was opened long enough ago; what keeps shortest first. */
const openSince = (things: readonly Thing[], byId: ReadonlyMap<string, OwnedProduct>): OpenSince[] =>
  things
    .flatMap((t): OpenSince[] => {
      const pao = byId.get(t.productId)?.traits.paoMonths ?? null
      if (t.openedOn !== null || !isBegun(t) || pao === null) return []
      const pastIfBefore = dayOf(addMonths(parseISO(today()), -pao))
      return [{ id: t.id, name: t.name, kind: t.kind, lab: t.lab, paoMonths: pao, pastIfBefore }]
    })
    .sort((x, y) => x.paoMonths - y.paoMonths)
    .slice(0, MOST_LINES)

/** What of the kit ends and what runs out. */
export const ahead = untilWritten(readAhead, today)
