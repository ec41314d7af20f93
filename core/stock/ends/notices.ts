import { difference } from '../../colour/difference'
import type { Lab } from '../../colour/lab'
import { STRONGEST_DISINFECTING } from '../things/gear'
import { UNKNOWN_KIND, type OwnedKind } from '../things/kinds'
import type { Heft } from '../things/heft'
import { isCarried, limitsOf, within, totalHeft, type Limits, type PlaceNode } from '../things/places'
import { isLow, isPast, isUsed, type Thing } from '../things/thing'

/* What of the kit needs a word, and why: only what somebody would do something about. */

// prettier-ignore
export const NOTICE_KINDS = [
  'past its day', 'empty', 'low', 'too heavy', 'too full', 'too strong', 'one colour twice', 'colour not told', 'not sorted',
] as const
export type NoticeKind = (typeof NOTICE_KINDS)[number]

export interface Notice {
  what: NoticeKind
  /** What it is about, in the order it is named. */
  units: string[]
  /** A place it is about, or one that the remedy is at. */
  placeId: string | null
  title: string
  /** Why it is listed; without its day. */
  text: string
  /** Since when, ISO date. */
  day: string | null
  /** Colour that stands for it. */
  lab: Lab | null
  /** Units in other places that would do instead. */
  spare: string[]
}

export interface PlacedLimits extends PlaceNode {
  name: string
  own: Limits
}

const named = (things: readonly Thing[]) => {
  const [first, ...rest] = [...new Set(things.map(t => t.name))]
  if (rest.length === 0) return first ?? ''
  return rest.length === 1 ? `${first} and ${rest[0]}` : `${first}, ${rest[0]} and ${rest.length - 1} more`
}
const notice = (what: NoticeKind, things: readonly Thing[], text: string, more: Partial<Notice> = {}): Notice => ({
  what,
  units: things.map(t => t.id),
  placeId: null,
  title: named(things),
  text,
  day: null,
  lab: things.find(t => t.lab)?.lab ?? null,
  spare: [],
  ...more,
})

/** What of a kit may be known already when it is looked through. */
interface Known {
  /** Products of one colour, as {@link doubledProducts} finds them: the dearest part of it. */
  alike: readonly (readonly string[])[]
  /** How heavy and large what is in use in each place is, with the things in the places within it. */
  heftWithin: ReadonlyMap<string, Heft>
}

/** Everything of a kit that needs a word, what is most pressing first. */
export function noticesOf(
  things: readonly Thing[],
  places: readonly PlacedLimits[],
  today: string,
  known: Partial<Known> = {},
): Notice[] {
  const { alike = doubledProducts(things), heftWithin = heftsWithin(things, places) } = known
  const isDoubled = new Set(alike.flat())
  const past: Thing[] = []
  const strong: Thing[] = []
  const doubled: Thing[] = []
  const untold: Thing[] = []
  const unsorted: Thing[] = []
  const scarce = new Set<string>()
  // Ten thousand things lie all over the memory: they are walked through once.
  for (const t of things) {
    if (!isUsed(t)) continue
    if (isPast(t, today)) past.push(t)
    if (isLow(t) || isOut(t)) scarce.add(t.productId)
    if (isTooStrong(t)) strong.push(t)
    if (isDoubled.has(t.productId)) doubled.push(t)
    if (t.colourMissing) untold.push(t)
    if (t.kind === UNKNOWN_KIND) unsorted.push(t)
  }
  const ofScarce = scarce.size > 0 ? things.filter(t => scarce.has(t.productId) && isUsed(t)) : []
  return [
    ...pastTheirDay(past),
    ...runningOut(ofScarce, places),
    ...overLimits(heftWithin, places),
    ...tooStrong(strong),
    ...doubles(doubled, alike),
    ...toBeTold(untold, unsorted),
  ]
}

/** Things by a key, in the order they come. */
function grouped(things: readonly Thing[], keyOf: (thing: Thing) => string): Thing[][] {
  const groups = new Map<string, Thing[]>()
  for (const t of things) {
    const key = keyOf(t)
    const group = groups.get(key)
    if (group) group.push(t)
    else groups.set(key, [t])
  }
  return [...groups.values()]
}

const pastTheirDay = (past: readonly Thing[]): Notice[] =>
  grouped(
    [...past].sort((x, y) => (x.useBy! < y.useBy! ? -1 : 1)),
    t => `${t.productId} ${t.useBy}`,
  ).map(same => {
    const what =
      same.length > 1 ? `${same.length} of it past their last day: do not put them` : 'past its last day: do not put it'
    return notice('past its day', same, `${what} on anybody`, { day: same[0]!.useBy })
  })

const isOut = (t: Thing) => t.level === 0 && t.pans.length === 0
/** Empty or nearly so, without another of the same; stock at home refills before anything is bought. */
function runningOut(things: readonly Thing[], places: readonly PlacedLimits[]): Notice[] {
  const sortAt = new Map(places.map(p => [p.id, p.sort]))
  const isAlong = (t: Thing) => t.placeId !== null && isCarried(sortAt.get(t.placeId) ?? 'home')
  const found: Notice[] = []
  for (const all of grouped(things, t => t.productId)) {
    const out = all.filter(isOut)
    const scarce = all.filter(isLow)
    const full = all.filter(t => t.level > 0 && !isLow(t))
    const [worst] = out.length > 0 ? out : scarce
    if (!worst || full.some(isAlong)) continue
    const spare = full.filter(t => !isAlong(t))
    const what = worst.level === 0 ? 'empty' : 'low'
    const at = places.find(p => p.id === spare[0]?.placeId)
    const left = what === 'empty' ? 'empty' : 'nearly empty'
    const rest =
      spare.length > 0 ? `${at?.name ?? 'elsewhere'} has ${countOf(spare)} to take its place` : 'no other is owned'
    const text = `${left}; ${rest}`
    found.push(notice(what, [worst], text, { spare: spare.map(t => t.id), placeId: at?.id ?? null }))
  }
  return found.sort((x, y) => NOTICE_KINDS.indexOf(x.what) - NOTICE_KINDS.indexOf(y.what))
}
const countOf = (things: readonly Thing[]) => {
  const count = things.reduce((sum, t) => sum + t.count, 0)
  return count === 1 ? 'one' : `${count}`
}

function heftsWithin(things: readonly Thing[], places: readonly PlaceNode[]): Map<string, Heft> {
  const used = things.filter(isUsed)
  return new Map(
    places.map(({ id }) => {
      const ids = within(places, id)
      return [id, totalHeft(used.filter(t => t.placeId !== null && ids.has(t.placeId)))]
    }),
  )
}

function overLimits(heftWithin: ReadonlyMap<string, Heft>, places: readonly PlacedLimits[]): Notice[] {
  return places.flatMap(place => {
    const { massG, roomMl } = heftWithin.get(place.id)!
    const { limitG, volumeMl } = limitsOf(place.sort, place.own)
    const over = (what: NoticeKind, text: string) => notice(what, [], text, { placeId: place.id, title: place.name })
    return [
      ...(limitG !== null && massG > limitG
        ? [
            over(
              'too heavy',
              `${kilos(massG)} kg where ${kilos(limitG)} kg is the limit: ${kilos(massG - limitG)} kg too much`,
            ),
          ]
        : []),
      ...(volumeMl !== null && roomMl > volumeMl
        ? [over('too full', `${litres(roomMl)} l of things in ${litres(volumeMl)} l of room`)]
        : []),
    ]
  })
}
const kilos = (g: number) => (g / 1000).toFixed(1)
const litres = (ml: number) => (ml / 1000).toFixed(1)

const isTooStrong = (t: Thing) => t.kind === 'alcohol' && (t.percent ?? 0) > STRONGEST_DISINFECTING
const tooStrong = (strong: readonly Thing[]): Notice[] =>
  strong.map(t =>
    notice(
      'too strong',
      [t],
      `${t.percent} % evaporates before it disinfects. For body colour it is right; for disinfecting thin it to 70 % with distilled water`,
    ),
  )

/** Kinds where the same colour twice is money spent twice; a base of one shade in two formulas is not. */
// prettier-ignore
const DOUBLED: ReadonlySet<OwnedKind> = new Set([
  'foundation', 'concealer', 'corrector', 'contour', 'bronzer', 'blush', 'highlighter', 'brow', 'eye colour', 'liner', 'lip liner', 'lip colour', 'gloss',
])
const ONE_COLOUR = 2
/** A second liner is a spare, since a pot dries and a pen breaks: standards ask for two. Only a third is a double. */
const SPARED: readonly OwnedKind[] = ['liner']
const SPARES = 1

/** What of a kit can be a double: each product once. */
export function mayDouble(things: readonly Thing[]): Thing[] {
  const byProduct = new Map<string, Thing>()
  for (const t of things) if (t.lab && DOUBLED.has(t.kind) && isUsed(t)) byProduct.set(t.productId, t)
  return [...byProduct.values()]
}

/** What has to agree before a colour is the same thing twice: of what has second ways, the pack as well. */
const sameUse = (t: Thing): string =>
  [t.kind, t.family ?? '', t.finish ?? '', SPARED.includes(t.kind) ? (t.dispenser ?? '') : ''].join(' ')

/** Products of one kind, formula and finish that nobody tells apart, by id, each group from dark to light. */
export function doubledProducts(things: readonly Thing[]): string[][] {
  const found: string[][] = []
  for (const all of grouped(mayDouble(things), sameUse)) {
    const byLightness = [...all].sort((x, y) => x.lab!.L - y.lab!.L)
    const taken = new Set<string>()
    for (const [i, t] of byLightness.entries()) {
      if (taken.has(t.productId)) continue
      const same = [t]
      for (let k = i + 1; k < byLightness.length && byLightness[k]!.lab!.L - t.lab!.L < 2 * ONE_COLOUR; k++) {
        const other = byLightness[k]!
        if (!taken.has(other.productId) && difference(t.lab!, other.lab!) < ONE_COLOUR) same.push(other)
      }
      if (same.length < 2 + (SPARED.includes(t.kind) ? SPARES : 0)) continue
      for (const s of same) taken.add(s.productId)
      found.push(same.map(s => s.productId))
    }
  }
  return found
}

function doubles(things: readonly Thing[], alike: readonly (readonly string[])[]): Notice[] {
  const byProduct = new Map(mayDouble(things).map(t => [t.productId, t]))
  return alike.map(ids => {
    const same = ids.flatMap(id => byProduct.get(id) ?? [])
    const times = same.length === 2 ? 'twice' : same.length === 3 ? 'three times' : `${same.length} times`
    return notice('one colour twice', same, `one colour ${times}: nobody tells them apart on skin`)
  })
}

function toBeTold(colours: readonly Thing[], kinds: readonly Thing[]): Notice[] {
  return [
    ...(colours.length > 0
      ? [notice('colour not told', colours, 'their colour is not known, so nothing is matched with them yet')]
      : []),
    ...(kinds.length > 0 ? [notice('not sorted', kinds, 'nobody has said what they are')] : []),
  ]
}
