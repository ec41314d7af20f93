import { DAY_MS } from '../../time'
import { difference } from '../../colour/difference'
import type { Lab } from '../../colour/lab'
import { isVivid } from '../things/vivid'
import type { Thing } from '../things/thing'

/*
 * What is carried and hardly used: nothing of what the kit is to do would be lost without it, and no use of it is on record. Each by itself:
 * of two that stand in for one another one has to stay.
 */

/** What is on record of uses; what was told or taken in of the time before counts as any other. */
export interface UseLog {
  /** When each was last used, ISO date, by unit and by product. */
  units: ReadonlyMap<string, string>
  products: ReadonlyMap<string, string>
  /** Products that a saved recipe names. */
  inRecipes: ReadonlySet<string>
  /** When the record begins; null where there is none. What was told of the time before does not begin it. */
  begun: string | null
  /** The day of the twentieth last job on record; null while there are fewer. */
  twentyJobsAgo: string | null
}
/** What the note of a use says that was told, or stood in somebody's table. */
export const USED_BEFORE = 'used before this record'

export const WEIGHT_ADVICE = ['give away', 'use up first', 'stay at home'] as const
export type WeightAdvice = (typeof WEIGHT_ADVICE)[number]

export interface DeadWeight {
  id: string
  name: string
  massG: number
  priceMinor: number | null
  lab: Lab | null
  placeId: string | null
  advice: WeightAdvice
  /** Reasons, each a clause. */
  why: string[]
}

// Nobody tells two of them apart on a face.
const ALIKE = 2
const MONTH_MS = 30 * DAY_MS
// A thing that has just come has had no chance to be used.
const NEW_FOR_MONTHS = 2
// Not used for so long is not used; a record that is shorter says nothing of what is not in it.
const LONG_MONTHS = 12

/** Whether most of what lies in it is loud. */
const isLoud = ({ kind, lab, pans }: Thing): boolean => {
  const labs = pans.length > 0 ? pans.flatMap(p => p.lab ?? []) : lab ? [lab] : []
  return labs.filter(l => isVivid(kind, l)).length * 2 > labs.length
}
/** Kept for its own sake, or behind another that is used. */
const isSpare = (t: Thing, things: readonly Thing[]) =>
  t.role === 'keepsake' || (t.role === 'backup' && things.some(o => o.id !== t.id && o.productId === t.productId))

/** Another thing that does as much: the same kind, finish and colour, or the same product. */
function twinOf(t: Thing, things: readonly Thing[]): Thing | undefined {
  // A second pack of what is used up is stock, and a set of tools is as many as faces need.
  if (t.pans.length > 0 || t.sort !== 'cosmetic') return undefined
  return things.find(
    o =>
      o.id !== t.id
      && o.kind === t.kind
      && o.pans.length === 0
      && (o.productId === t.productId
        || (o.lab !== null && t.lab !== null && o.finish === t.finish && difference(o.lab, t.lab) <= ALIKE)),
  )
}

const productsOf = (t: Thing): string[] => (t.pans.length > 0 ? t.pans.map(p => p.productId) : [t.productId])

/** What was not used since this day is not used: in twelve months, or on the last twenty jobs; null while the record is too short to say. */
function restedSince({ begun, twentyJobsAgo }: UseLog, day: string): string | null {
  const aYearAgo = new Date(Date.parse(day) - LONG_MONTHS * MONTH_MS).toISOString().slice(0, 10)
  const days = [begun !== null && begun.slice(0, 10) <= aYearAgo ? aYearAgo : null, twentyJobsAgo?.slice(0, 10) ?? null]
  return (
    days
      .flatMap(d => d ?? [])
      .sort()
      .at(-1) ?? null
  )
}

const lastUse = (t: Thing, log: UseLog): string | null =>
  [log.units.get(t.id), ...productsOf(t).map(id => log.products.get(id))]
    .flatMap(at => at ?? [])
    .sort()
    .at(-1) ?? null

/**
 * @param things that are ready for use
 * @param idle ids of things that no ability needs
 * @param day ISO date of today
 */
export function deadWeight(
  things: readonly Thing[],
  idle: ReadonlySet<string>,
  log: UseLog,
  day: string,
): DeadWeight[] {
  const since = restedSince(log, day)
  if (since === null) return []
  const known = things.map(t => ({ t, last: lastUse(t, log) }))
  // Many log what goes on a face and nothing of brushes and tissues: of those the log says nothing then.
  const logged = new Set(known.flatMap(({ t, last }) => (last === null ? [] : [t.sort])))
  return known
    .filter(({ t }) => t.sort === 'cosmetic' || logged.has(t.sort))
    .filter(({ t, last }) => {
      const months = (Date.parse(day) - Date.parse(t.createdAt)) / MONTH_MS
      const rests = last === null || last < since
      return idle.has(t.id) && rests && months >= NEW_FOR_MONTHS && !isSpare(t, things) && t.sort !== 'unknown'
    })
    .filter(({ t }) => !productsOf(t).some(id => log.inRecipes.has(id)))
    .map(({ t, last }) => ({ t, last, twin: twinOf(t, things) }))
    .map(({ t, last, twin }) => {
      const isWhole = t.sort === 'cosmetic' && t.openedOn === null && t.level === 1 && t.pans.every(p => p.level === 1)
      const advice: WeightAdvice = isWhole && !twin ? 'give away' : twin ? 'use up first' : 'stay at home'
      const why = [
        last === null
          ? `never used since ${log.begun!.slice(0, 10)}, when the record begins`
          : `last used ${last.slice(0, 10)}`,
        ...(twin ? [twin.productId === t.productId ? 'there is another of it' : `${twin.name} does the same`] : []),
        ...(isLoud(t) ? ['vivid, where most people ask for neutrals'] : []),
        ...(isWhole ? ['not opened, so that it can be given away'] : []),
      ]
      return {
        id: t.id,
        name: t.name,
        massG: t.massG,
        priceMinor: t.priceMinor,
        lab: t.lab,
        placeId: t.placeId,
        advice,
        why,
      }
    })
    .sort((x, y) => y.massG - x.massG || (x.name < y.name ? -1 : 1))
}
