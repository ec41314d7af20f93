import { bagFor, breaksWithout, type Bag, type Lacking } from '#core/bag/bag'
import { buriedIn, firstUse } from '#core/bag/caseOrder'
import { decantingFor } from '#core/bag/decanting'
import { cabinMl, handlingOf } from '#core/bag/handle'
import { carriedUp, needsPower, type Venue } from '#core/bag/venue'
import { needsOf, type Need } from '#core/bag/needs'
import { STRONGEST_DISINFECTING } from '#core/stock/things/gear'
import { inOrder, isCarried, limitsOf, totalHeft, usualPouchFor, within } from '#core/stock/things/places'
import { CORE_LIST, listOf, resolved, type ListLine } from '#core/stock/handling/standingList'
import { isReady, type Thing } from '#core/stock/things/thing'
import type { BagDecant, BagInput, BagLack, BagLine, BagPlace, BagVenue, JobBag } from '#shared/records/days/bags'
import type { Catalogue } from '#shared/records/kit/buys'
import type { Job } from '#shared/records/days/jobs'
import type { PlaceLine } from '#shared/records/kit/things'
import { today } from '#shared/today'
import type { Asking } from '../../compute/pool'
import { fullIn, overIn } from './bagLimits'
import { catalogue } from '../buying/buys'
import { dayPlansOf, planned, type DayPlan } from './dayPlans'
import { adviceFor } from '../kit/handling'
import { jobById } from '../jobs/jobs'
import { alongNow } from './jobTogether'
import { kitThings } from '../kit/owned'
import { ownFactors } from '../kit/ownUse'
import { placeLines } from '../kit/places'
import { standingListsKept } from '../kit/standingLists'
import { allThings } from '../kit/things'

/* What goes to a job: worked out from the plans of its faces, the core kit and what is at home. */

/** @throws Missing */
export async function bagOf(jobId: string, asking: Asking): Promise<JobBag> {
  const job = await jobById(jobId)
  return bagWith(job, await dayPlansOf(job, asking), asking)
}

/** The same where the plans are known already. */
export async function bagWith(job: Job, plans: readonly DayPlan[], asking: Asking): Promise<JobBag> {
  const things = await allThings()
  const lines = await placeLines()
  const isAlong = await alongNow()
  const day = today()
  const reserve = new Set(lines.filter(p => p.sort === 'reserve').map(p => p.id))
  const needs = needsOf(
    planned(plans),
    things.filter(t => isReady(t, day)),
    job.morning.venue,
    await ownFactors(),
  )
  const bag = bagFor({
    needs,
    things,
    isAlong,
    isReserve: t => t.placeId !== null && reserve.has(t.placeId),
    core: await coreOf(job.bag, things, isAlong),
    carrying: job.bag.carrying,
    leave: new Set(job.bag.leave),
    today: day,
  })
  const carried = inOrder(lines).filter(({ place }) => isCarried(place.sort))
  const toOf = placing(lines, isAlong)
  const isWithout = ({ need }: Lacking) => job.bag.without.includes(need.key)
  const goes = [...bag.going]
    .sort((x, y) => firstUse(x.of) - firstUse(y.of) || (x.of.name < y.of.name ? -1 : 1))
    .map(({ of, count, why, massG, roomMl }): BagLine => ({
      unitId: of.id,
      name: of.name,
      lab: of.lab,
      count,
      why,
      to: toOf(of),
      isAlong: isAlong(of),
      massG,
      roomMl,
      handling: handlingOf(of, job.bag.cabin),
      breaks: breaksWithout(bag.going, needs, of.id),
    }))
  const places = carried.map(({ place, depth }): BagPlace => {
    const inside = within(lines, place.id)
    return {
      id: place.id,
      name: place.name,
      sort: place.sort,
      depth,
      limits: limitsOf(place.sort, place.own),
      packed: totalHeft(goes.filter(g => g.to !== null && inside.has(g.to))),
    }
  })
  return {
    faces: job.bookings.map(b => ({ id: b.faceId, name: b.faceName })),
    unplanned: plans.filter(p => p.plan === null).map(p => p.faceId),
    goes,
    takeOut: bag.takeOut.map(({ of, count, why, massG }) => ({ unitId: of.id, name: of.name, count, why, massG })),
    left: things.filter(t => job.bag.leave.includes(t.id)).map(({ id, name }) => ({ unitId: id, name })),
    lacking: await lackingIn(bag.lacking.filter(l => !isWithout(l))),
    without: bag.lacking.filter(isWithout).map(({ need: { key, name } }) => ({ key, name })),
    single: bag.single,
    places,
    over: await overIn(bag, places, lines, toOf, asking),
    full: await fullIn(bag, places, lines, { toOf, isAlong }, asking),
    buried: buried(bag, lines),
    decant: await decantIn(bag, needs, job.bag.cabin),
    venue: mindedAt(job.morning.venue, bag, places),
    cabinMl: job.bag.cabin ? cabinMl(bag.going.map(g => ({ ...g.of, count: g.count }))) : null,
  }
}

/** The list that is the core of a job; where there is none, what is carried as it stands. */
async function coreOf(
  { listId }: BagInput,
  things: readonly Thing[],
  isAlong: (t: Thing) => boolean,
): Promise<readonly ListLine[]> {
  const lists = await standingListsKept()
  const core = lists.find(l => l.id === CORE_LIST)?.lines
  const named = lists.find(l => l.id === listId)
  if (named) return named.id === CORE_LIST ? named.lines : resolved(core ?? [], named.lines)
  return core ?? listOf(things, isAlong, today())
}

/** Where a thing goes: where it is, else the pouch of its kind, else the first case. */
function placing(lines: readonly PlaceLine[], isAlong: (t: Thing) => boolean): (t: Thing) => string | null {
  const carried = inOrder(lines)
    .map(o => o.place)
    .filter(p => isCarried(p.sort))
  const pouches = new Map(carried.filter(p => p.sort === 'pouch').map(p => [p.name, p.id]))
  const first = carried.find(p => p.sort !== 'set bag') ?? carried[0]
  return t => (isAlong(t) ? t.placeId : (pouches.get(usualPouchFor(t.kind)) ?? first?.id ?? null))
}

/** What is lacking, with the cheapest that is sold for it. */
async function lackingIn(lacking: readonly Lacking[]): Promise<BagLack[]> {
  const { gear, offers } = await catalogue()
  return lacking.map(({ need, short, faces }): BagLack => {
    const { key, name, kind, shape, sort, measure, productId } = need
    const sold =
      sort === 'bottle'
        ? offers.filter(o => o.productId === productId && o.inStock).map(o => ({ ...o, holds: o.sizeMl }))
        : gear.filter(o => o.inStock && does(o, need)).map(o => ({ ...o, holds: holdsOf(o, measure) }))
    const best = sold
      .map(o => ({ o, count: Math.ceil(short / Math.max(o.holds, 1e-9) - 1e-9) }))
      .filter(x => x.count <= MOST_OF_ONE)
      .sort((x, y) => x.count * x.o.priceMinor - y.count * y.o.priceMinor)[0]
    const offer = best && {
      id: best.o.id,
      name: best.o.shade,
      count: best.count,
      priceMinor: best.count * best.o.priceMinor,
    }
    const forTheDay = need.each.length === 0
    return {
      key,
      name,
      kind,
      shape,
      isBottle: sort === 'bottle',
      measure,
      need: need.need,
      short,
      faces,
      forTheDay,
      offer: offer ?? null,
    }
  })
}
const MOST_OF_ONE = 100
const does = (o: Catalogue['gear'][number], { kind, shape }: Lacking['need']) =>
  shape
    ? o.kind === 'brush' && o.shape === shape
    : o.kind === kind && (kind !== 'alcohol' || (o.percent ?? 0) <= STRONGEST_DISINFECTING)
const holdsOf = (o: Catalogue['gear'][number], measure: string) =>
  measure === 'ml' || o.measure === 'piece' || o.measure === 'pair' ? Math.max(1, o.sizeMl) : 1

/** What of a bag is worth a small vessel. */
async function decantIn({ going }: Bag, needs: readonly Need[], cabin: boolean): Promise<BagDecant[]> {
  const goes = new Set(going.map(g => g.of.id))
  const units = new Map(
    (await kitThings()).flatMap(of =>
      of.units.flatMap(unit => (goes.has(unit.id) ? [[unit.id, { of, unit }] as const] : [])),
    ),
  )
  const adviceOf = ({ id }: Thing) => {
    const { of, unit } = units.get(id)!
    return adviceFor(of, unit)
  }
  return decantingFor(going, needs, adviceOf, cabin).map(({ of, savesMl: _room, ...decant }) => ({
    ...{ unitId: of.id, name: of.name, ...decant },
  }))
}

function mindedAt(venue: Venue, { going }: Bag, places: readonly BagPlace[]): BagVenue {
  const cases = places.filter(p => p.depth === 0).map(({ name, packed }) => ({ name, massG: packed.massG }))
  return {
    stairs: carriedUp(venue, cases),
    charge: venue.power ? [] : going.filter(g => needsPower(g.of.kind)).map(g => g.of.name),
    noWater: !venue.water,
    noTable: !venue.table,
  }
}

/** What is wanted first of each case and lies under what is opened later. */
function buried({ going }: Bag, lines: readonly PlaceLine[]): JobBag['buried'] {
  const names = new Map(lines.map(p => [p.id, p.name]))
  const needed = going.filter(g => g.why === 'plans' || g.why === 'day').map(g => g.of)
  return lines
    .filter(p => isCarried(p.sort) && (p.parentId === null || !names.has(p.parentId)))
    .flatMap(root =>
      buriedIn(lines, root.id, needed).map(({ placeId, isLoose, things, under }) => ({
        placeId,
        place: names.get(placeId) ?? '',
        isLoose,
        things: things.map(t => ({ unitId: t.id, name: t.name })),
        under: under.map(id => names.get(id) ?? ''),
      })),
    )
}
