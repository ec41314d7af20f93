import { purposeOf } from '#core/stock/things/kinds'
import { Missing } from '../../base/problems'
import { heftOf, vesselHeft, type Heft } from '#core/stock/things/heft'
import { inOrder, within } from '#core/stock/things/places'
import { isLow, isPast, isUsed, workRank, type Thing, type ThingPan } from '#core/stock/things/thing'
import { useByOf } from '#core/stock/things/usual'
import { hasColour, type OwnedUnit } from '#shared/records/kit/kit'
import { isCosmetic, type OwnedThing } from '#shared/records/kit/gear'
import { today } from '#shared/today'
import {
  NOWHERE,
  type PlaceLine,
  type ThingOrder,
  type ThingPage,
  type ThingQuery,
  type ThingState,
} from '#shared/records/kit/things'
import { giveTurn } from '../../db/turns'
import { afterPlace, cursorOf } from '../record/listing'
import { kitThings } from './owned'
import { placeLines } from './places'

/* The kit as physical things, each where it is: for the board and the table. */

const made = new WeakMap<readonly OwnedThing[], readonly Thing[]>()
/** Every thing of the kit, retired or not, in the order of the work: the same list until something changes. Not to be written to. */
export async function allThings(): Promise<readonly Thing[]> {
  const owned = await kitThings()
  const known = made.get(owned)
  if (known) return known
  await giveTurn()
  const things = thingsOf(owned)
  made.set(owned, things)
  await giveTurn()
  return things
}

function thingsOf(owned: readonly OwnedThing[]): Thing[] {
  const palettes = new Map<string, { of: OwnedThing; unit: OwnedUnit; pans: (ThingPan & { position: number })[] }>()
  const things: Thing[] = []
  for (const of of owned)
    for (const unit of of.units) {
      if (unit.inside === null) things.push(onceMade(of, unit))
      else {
        const palette = palettes.get(unit.id) ?? { of, unit, pans: [] }
        palettes.set(unit.id, palette)
        const { fillId, level, position, version } = unit
        palette.pans.push({ fillId, productId: of.id, name: of.shade, lab: labOf(of), level, version, position })
      }
    }
  for (const { of, unit, pans } of palettes.values()) {
    const asTheyLie = pans.sort((x, y) => x.position - y.position).map(({ position: _position, ...pan }) => pan)
    things.push(paletteOf(of, unit, asTheyLie))
  }
  return things
    .map(thing => ({ thing, at: placeInUse(thing) }))
    .sort((x, y) => before(x.at, y.at) || before(x.thing.name, y.thing.name) || before(x.thing.id, y.thing.id))
    .map(({ thing }) => thing)
}

// Of ten thousand things one is moved, and the others are what they were.
const madeOf = new WeakMap<OwnedUnit, Thing>()
function onceMade(of: OwnedThing, unit: OwnedUnit): Thing {
  const known = madeOf.get(unit)
  if (known) return known
  const thing = thingOf(of, unit, [])
  madeOf.set(unit, thing)
  return thing
}

const labOf = (of: OwnedThing) => (isCosmetic(of) && hasColour(of) ? of.lab : null)

function thingOf(of: OwnedThing, unit: OwnedUnit, pans: ThingPan[]): Thing {
  const cosmetic = isCosmetic(of) ? of : null
  const { size, measure, level, count } = unit
  return {
    id: unit.id,
    productId: of.id,
    sort: of.sort,
    kind: of.kind,
    name: of.shade,
    brand: of.brand,
    range: cosmetic?.range ?? '',
    lab: labOf(of),
    colourMissing: cosmetic?.colourSource === 'unknown',
    family: cosmetic?.family ?? null,
    finish: cosmetic?.finish ?? null,
    dispenser: cosmetic?.traits.dispenser ?? null,
    shape: isCosmetic(of) ? '' : of.shape,
    percent: isCosmetic(of) ? null : (of.percent ?? null),
    porous: isCosmetic(of) ? null : (of.porous ?? null),
    count,
    size,
    measure,
    level,
    placeId: unit.placeId,
    role: unit.role,
    label: unit.label,
    notes: unit.notes,
    openedOn: unit.openedOn,
    expiresOn: unit.expiresOn,
    useBy: useByOf(unit.openedOn, cosmetic?.traits.paoMonths ?? null, unit.expiresOn),
    priceMinor: unit.priceMinor,
    retiredAt: unit.retiredAt,
    createdAt: unit.createdAt,
    version: unit.version,
    pans,
    ...heftIn(of, unit),
  }
}

/** What a thing weighs in what it stands in: its own pack, or a vessel it was decanted into. */
const heftIn = (of: OwnedThing, { container, size, measure, level, count }: OwnedUnit): Heft =>
  container === 'decant'
    ? vesselHeft(size, level)
    : heftOf({
        kind: of.kind,
        size,
        measure,
        level,
        count,
        dispenser: isCosmetic(of) ? of.traits.dispenser : undefined,
      })

/** Grams of what a thing stands in, empty. @throws Missing */
export async function emptyVesselG(unitId: string): Promise<number> {
  const of = (await kitThings()).find(t => t.units.some(u => u.id === unitId))
  const unit = of?.units.find(u => u.id === unitId)
  if (!of || !unit) throw new Missing('This thing')
  return heftIn(of, { ...unit, level: 0, count: 1 }).massG
}

/** A palette is one thing: as full as its pans are, as old as the oldest, as heavy as all of them. */
function paletteOf(of: OwnedThing, unit: OwnedUnit, pans: ThingPan[]): Thing {
  const pan = thingOf(of, unit, pans)
  const level = pans.reduce((sum, p) => sum + p.level, 0) / pans.length
  return {
    ...pan,
    name: unit.inside!,
    lab: pans.find(p => p.lab)?.lab ?? null,
    colourMissing: pans.some(p => p.lab === null),
    level,
    priceMinor: unit.packMinor,
    massG: CASE_OF_PALETTE.massG + pan.massG * pans.length,
    roomMl: CASE_OF_PALETTE.roomMl + pan.roomMl * pans.length,
  }
}
const CASE_OF_PALETTE = { massG: 40, roomMl: 40 }

// Lightness is below this.
const LIGHTEST = 1000
// A shape is a fraction of a kind.
const BETWEEN_SHAPES = 20
/** The place of a thing in the order of the work; within a kind from light to deep. */
function placeInUse(t: Thing): number {
  const known = placeOf.get(t)
  if (known !== undefined) return known
  const place = workRank(t) * 2 * LIGHTEST * BETWEEN_SHAPES + (t.lab ? LIGHTEST - t.lab.L : LIGHTEST * 1.5)
  placeOf.set(t, place)
  return place
}
const placeOf = new WeakMap<Thing, number>()
const IN_STATE: Record<ThingState, (t: Thing, day: string) => boolean> = {
  'in use': t => isUsed(t),
  'past its day': (t, day) => isUsed(t) && isPast(t, day),
  'low or empty': t => isUsed(t) && (isLow(t) || t.level === 0),
  'to be told': t => isUsed(t) && (t.colourMissing || t.sort === 'unknown'),
  'retired': t => !isUsed(t),
  'all': () => true,
}

// What has no day, price or colour comes after what has.
const LAST = '9999'
const NOTHING = -1
const keysFor = (places: readonly PlaceLine[]): Record<ThingOrder, (t: Thing) => string | number> => {
  const order = new Map(inOrder(places).map(({ place }, i) => [place.id, i]))
  return {
    use: placeInUse,
    name: t => t.name.toLowerCase(),
    place: t => (t.placeId === null ? places.length : (order.get(t.placeId) ?? places.length)),
    count: t => t.count,
    level: t => t.level,
    useBy: t => t.useBy ?? LAST,
    mass: t => t.massG,
    price: t => t.priceMinor ?? NOTHING,
    colour: t => t.lab?.L ?? NOTHING,
  }
}

interface Row {
  key: string | number
  name: string
  id: string
}
const before = (x: string | number, y: string | number) => (x < y ? -1 : x > y ? 1 : 0)
const compare = (x: Row, y: Row) => before(x.key, y.key) || before(x.name, y.name) || before(x.id, y.id)

/** What a search looks through. */
const searched = (t: Thing) =>
  `${t.name} ${t.kind} ${t.shape} ${t.brand} ${t.range} ${t.label} ${t.notes} ${t.pans.map(p => p.name).join(' ')}`.toLowerCase()

/** Things a page at a time: searched, filtered and in order. */
export async function thingList(asked: ThingQuery): Promise<ThingPage> {
  const { q, purpose, place, state, order, way, cursor, limit } = asked
  const words = q.toLowerCase().split(/\s+/).filter(Boolean).slice(0, 8)
  const places = await placeLines()
  const ids = place && place !== NOWHERE ? within(places, place) : null
  const known = new Set(places.map(p => p.id))
  const isThere = ({ placeId }: Thing) =>
    place === ''
    || (place === NOWHERE ? placeId === null || !known.has(placeId) : placeId !== null && ids!.has(placeId))
  const day = today()
  const keyOf = keysFor(places)[order]
  const sign = way === 'up' ? 1 : -1
  const rows = (await allThings())
    .map(thing => ({ thing, key: keyOf(thing), name: thing.name, id: thing.id }))
    .filter(
      ({ thing }) =>
        IN_STATE[state](thing, day)
        && (purpose === 'all' || purposeOf(thing.kind) === purpose)
        && isThere(thing)
        && (words.length === 0 || matches(searched(thing), words)),
    )
    .sort((x, y) => compare(x, y) * sign)
  const after = afterPlace(cursor)
  const rest = after ? rows.filter(row => compare(row, after) * sign > 0) : rows
  const shown = rest.slice(0, limit)
  return {
    lines: shown.map(r => r.thing),
    next: rest.length > limit ? cursorOf(shown.at(-1)!) : null,
    count: rows.length,
  }
}
const matches = (text: string, words: readonly string[]) => words.every(w => text.includes(w))
