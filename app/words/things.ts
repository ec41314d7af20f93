import { addYears, formatISO } from 'date-fns'
import type { Lab } from '#core/colour/lab'
import { skinPlace } from '#core/complexion/skins/skin'
import type { Resistance } from '#core/product/item'
import { besideBottle, type Step } from '#core/stock/things/placement'
import type { WeightAdvice } from '#core/stock/ends/deadWeight'
import { UNKNOWN_KIND, type OwnedKind } from '#core/stock/things/kinds'
import type { ReadThing } from '#core/stock/list'
import type { Lasting } from '#core/stock/ends/lasting'
import type { Thing } from '#core/stock/things/thing'
import type { Measure } from '#core/stock/things/things'
import { listedFrom } from '#shared/records/kit/listed'
import { capital, dateInWords, plural, percent } from './words'

/* Things as an artist calls them. */

/** What something is, in a word: a brush by its shape. */
export const kindInWords = ({ kind, shape }: Pick<Thing, 'kind' | 'shape'>): string =>
  kind === UNKNOWN_KIND ? 'not sorted yet' : shape || kind

/** Every kind by the word it is chosen by. */
export const kindChoice = (kind: OwnedKind) => ({
  value: kind,
  title: kind === UNKNOWN_KIND ? 'something else' : (kind as string),
})

const LIKE_SKIN: readonly OwnedKind[] = ['foundation', 'concealer']

/** What it is and, of what a skin is matched with, where it sits. */
export function thingInWords(t: Thing): string {
  const place = t.lab && LIKE_SKIN.includes(t.kind) ? skinPlace(t.lab) : null
  return [
    t.pans.length > 0 ? `${t.kind} palette, ${plural(t.pans.length, 'pan')}` : kindInWords(t),
    place ? `depth ${place.depth.toFixed(1)} ${place.undertone}` : '',
    t.colourMissing ? 'colour not told' : '',
    t.family && t.family !== 'unknown' && place ? t.family : '',
    t.percent === null ? '' : `${t.percent} %`,
  ]
    .filter(Boolean)
    .join(' · ')
}

/** How much of it there is: brushes are counted, packs too, bottles are so full. */
export function leftInWords(t: Thing): string {
  if (t.retiredAt) return 'retired'
  if (t.sort === 'tool') return t.count === 1 ? '1' : `${t.count}`
  if (t.level === 0) return 'empty'
  if (t.measure === 'piece' && t.size > 1) return `${Math.round(t.size * t.level * t.count)} of ${Math.round(t.size)}`
  if (t.measure === 'pair') return plural(Math.max(1, Math.round(t.size * t.level)), 'pair')
  return percent(t.level)
}

/** A thing as it is read out: its name, what it is and how much is left. */
export const thingAloud = (t: Thing, count: number): string =>
  `${t.name}, ${thingInWords(t)}, ${t.sort === 'tool' ? plural(count, 'piece') : `${leftInWords(t)}${count > 1 ? `, ${count} of it` : ''}`}`

export const kilos = (g: number): string => (g < 995 ? `${Math.round(g)} g` : `${(g / 1000).toFixed(1)} kg`)
export const litres = (ml: number): string => `${(ml / 1000).toFixed(1)} l`

const RESISTS: Readonly<Record<Resistance, string>> = {
  water: 'waterproof',
  tears: 'tear-proof',
  transfer: 'transfer-proof',
}
const MEASURED: Readonly<Record<Measure, string>> = { ml: 'ml', g: 'g', piece: 'pieces', pair: 'pairs' }
/** What was read from a line of a list, apart from the name. */
export function readInWords(read: ReadThing, kind: OwnedKind): string {
  const { size, measure } = listedFrom(read, kind)
  return [
    (size ?? null) === null ? '' : `${size} ${MEASURED[measure ?? 'piece']}`,
    read.level === null ? '' : read.level === 0 ? 'empty' : read.level === 1 ? 'full' : percent(read.level),
    read.pans ? plural(read.pans, 'pan') : '',
    read.texture ?? '',
    ...read.resists.map(what => RESISTS[what]),
    read.spf === null ? '' : `SPF ${read.spf}`,
    kind === 'brush' ? (read.shape ?? 'shape not said') : '',
    read.family ?? '',
    read.coverage ? `${read.coverage} cover` : '',
    read.finish ?? '',
    read.depth === null ? '' : `depth ${read.depth}`,
    read.undertone ?? '',
    read.openedOn ? `opened ${read.openedOn}` : '',
    read.expiresOn ? `good until ${read.expiresOn}` : '',
    read.price === null ? '' : `price ${read.price.toFixed(2)}`,
  ]
    .filter(Boolean)
    .join(' · ')
}

/** Why something was retired, where it is what was advised. */
export const USUAL_WHY: Readonly<Record<WeightAdvice, string>> = {
  'give away': 'given away, not opened',
  'use up first': 'there is another like it',
  'stay at home': 'hardly used',
}

/** How one that is like another differs from it. */
export const LIKE_STEPS = ['lighter', 'deeper', 'pinker', 'yellower'] as const
export type LikeStep = (typeof LIKE_STEPS)[number]
const STEPS_OF: Readonly<Record<LikeStep, readonly [depth: Step, hue: Step]>> = {
  lighter: [-1, 0],
  deeper: [1, 0],
  pinker: [0, -1],
  yellower: [0, 1],
}
/** A colour one step away from one that is known. */
export const labBeside = (lab: Lab, step: LikeStep): Lab => besideBottle(lab, ...STEPS_OF[step])

/** What is left, as a glance says it. */
export const QUARTERS: readonly (readonly [number, string])[] = [
  [0, 'empty'],
  [0.25, '¼'],
  [0.5, '½'],
  [0.75, '¾'],
  [1, 'full'],
]
/** The same for a form, in which a full one comes first. */
export const FULL_FIRST = QUARTERS.toReversed()
/** How full a thing of a list is: what was read of it stays among the choices. */
export const levelChoices = (level: number | null): { value: number | null; title: string }[] => [
  { value: null, title: 'not said' },
  ...[...QUARTERS, ...(level === null || QUARTERS.some(([q]) => q === level) ? [] : [[level, percent(level)] as const])]
    .toSorted(([x], [y]) => y - x)
    .map(([value, title]) => ({ value, title })),
]
/** The quarter mark nearest to a level. */
export const quarterOf = (level: number): number => Math.round(level * 4) / 4

const AT_A_DEPTH = /^depth ([\d.]+), (.+)$/
/** "depth 1, olive", "depth 2, olive" and "depth 4, olive" as "olive at depth 1–2, 4". */
export function depthsTogether(names: readonly string[]): string[] {
  const groups = new Map<string, number[]>()
  for (const name of names) {
    const [, depth, of] = AT_A_DEPTH.exec(name) ?? []
    const key = of ?? name
    groups.set(key, [...(groups.get(key) ?? []), ...(depth === undefined ? [] : [Number(depth)])])
  }
  return [...groups].map(([of, depths]) => (depths.length === 0 ? of : `${of} at depth ${rangesOf(depths)}`))
}
function rangesOf(depths: readonly number[]): string {
  const runs: number[][] = []
  for (const d of [...depths].sort((x, y) => x - y)) {
    const run = runs.at(-1)
    if (run && d - run.at(-1)! <= 1) run.push(d)
    else runs.push([d])
  }
  return runs.map(run => (run.length === 1 ? `${run[0]}` : `${run[0]}–${run.at(-1)}`)).join(', ')
}

/** An amount as it is weighed or poured. */
export const quantityInWords = (value: number): string =>
  value < 1 ? value.toFixed(2) : value < 10 ? value.toFixed(1) : `${Math.round(value)}`

/** With its measure: "42 pairs", "5.6 ml". */
export const measuredInWords = (value: number, measure: Measure): string =>
  measure === 'pair' || measure === 'piece'
    ? plural(Math.round(value), measure)
    : `${quantityInWords(value)} ${measure}`

/** When something is used up, with how sure that is. */
export function emptyInWords({ left, known, emptyOn, overOn, earliest, latest }: Lasting): string {
  if (left === 0) return 'it is empty'
  if (!known) return 'nobody can tell how fast it goes'
  if (overOn !== null) return `its last day is ${dateInWords(overOn)}, before it is empty`
  if (emptyOn === null)
    return latest === null && earliest === null ? 'enough for all that is known of' : 'empty in years'
  if (earliest === latest) return `empty on ${dateInWords(emptyOn)}, by the book`
  const range = `between ${dateInWords(earliest ?? emptyOn)} and ${latest ? dateInWords(latest) : 'years from now'}`
  return `empty about ${dateInWords(emptyOn)}, nine times of ten ${range}`
}

// An order further off is nobody's concern.
const inAYear = () => formatISO(addYears(new Date(), 1), { representation: 'date' })

/** How long what is left does, why, and when the next is to be ordered. */
export function lastsInWords(lasting: Lasting, measure: Measure): string {
  const { left, faces, perUse, because, reorderAt, orderBy, overOn } = lasting
  const here = `${measuredInWords(left, measure)}, for ${plural(faces, 'face')} at ${measuredInWords(perUse, measure)} each`
  const order =
    reorderAt === null || orderBy === null || orderBy > inAYear()
      ? ''
      : overOn === null
        ? ` Order it by ${dateInWords(orderBy)}, when ${measuredInWords(reorderAt, measure)} are left.`
        : ` Order the next by ${dateInWords(orderBy)}: what is left on its last day is thrown away.`
  return `${here}; ${emptyInWords(lasting)}. ${capital(because)}.${order}`
}
