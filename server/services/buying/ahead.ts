import { and, asc, eq, gte, isNull, or, sql } from 'drizzle-orm'
import { addDays, addMonths, parseISO } from 'date-fns'
import { STRONGEST_DISINFECTING } from '#core/stock/things/gear'
import { isThrownAway, lastingOf, usualPerFace, wastedBy } from '#core/stock/ends/lasting'
import { isUsed, type Thing } from '#core/stock/things/thing'
import type { BookedFace, EndsLine, KitAhead, OpenSince, RunsOutLine } from '#shared/records/kit/ahead'
import { hasColour, type OwnedProduct } from '#shared/records/kit/kit'
import { today } from '#shared/today'
import { db } from '../../db/connection'
import { bookings, faces, jobs } from '../../db/schema'
import { catalogue } from './buys'
import { asked, dayOf, known, lastingIn, leadOf, leftIn, standIns, type Known } from './lastings'
import { ownFactors } from '../kit/ownUse'
import { kitProducts } from '../kit/owned'
import { allThings } from '../kit/things'
import { untilWritten } from '../record/untilWritten'

/* What of the kit ends and what runs out, by the log of uses and by the kept plans of faces that are booked. */

/** What ends later is nobody's worry yet. */
const ENDS_WITHIN_DAYS = 180
const ORDER_WITHIN_DAYS = 60
const MOST_LINES = 60

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
    .concat((await suppliesOut(things, all)).filter(l => l.lasting.orderBy !== null && l.lasting.orderBy <= orderSoon))
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
    if ((line.limited || line.offer === null) && byId.has(line.productId))
      line.standIns = standIns(byId.get(line.productId)!, kit, offers, all.supplierById)
  return {
    ends,
    runsOut,
    openSince: openSince(things, byId),
    booked: await bookedAhead(),
    silent: [...lastings.values()].filter(([l]) => l !== null && !l.known).length,
  }
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)
/** Supplies that booked faces use up: of a kind one pack is as good as another. */
async function suppliesOut(things: readonly Thing[], all: Known): Promise<RunsOutLine[]> {
  const days = await db
    .select({ on: jobs.day })
    .from(bookings)
    .innerJoin(jobs, and(eq(jobs.id, bookings.jobId), isNull(jobs.deletedAt)))
    .where(and(isNull(bookings.deletedAt), gte(jobs.day, today())))
  const { gear } = await catalogue()
  const factors = await ownFactors()
  const kinds = [...new Set(things.filter(t => t.sort === 'supply' && isThrownAway(t.kind)).map(t => t.kind))]
  return kinds.flatMap((kind): RunsOutLine[] => {
    const packs = things.filter(t => t.kind === kind && (t.percent ?? 0) <= STRONGEST_DISINFECTING)
    const sold = gear.filter(o => o.kind === kind && o.inStock).sort((x, y) => x.priceMinor - y.priceMinor)
    const perFace = usualPerFace(kind)! * (factors.get(kind) ?? 1)
    const lasting = lastingOf({
      left: packs.reduce((sum, t) => sum + leftIn(t), 0),
      kind,
      taken: { uses: 0, meanAmount: perFace, days: 0, mostOnOneJob: 0 },
      planned: days.map(({ on }) => ({ on: on!, amount: perFace })),
      useBy: null,
      leadDays: leadOf(sold, all),
      today: today(),
    })
    const [first] = packs
    if (!lasting?.known || !first) return []
    return [
      {
        productId: first.productId,
        id: first.id,
        name: packs.every(t => t.productId === first.productId) ? first.name : capital(kind),
        kind,
        lab: null,
        measure: first.measure,
        lasting,
        leadDays: leadOf(sold, all),
        offer: sold[0] ? asked(sold[0], all.supplierById) : null,
        limited: false,
        standIns: [],
      },
    ]
  })
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
