import { DAY_MS } from '../../time'
import { difference } from '../../colour/difference'
import type { Lab } from '../../colour/lab'
import { isVivid } from '../things/vivid'
import type { Thing } from '../things/thing'

/*
 * What is carried and hardly used: nothing of what the kit is to do would be lost without it, and no use of it is on record. Each by itself:
 * of two that stand in for one another one has to stay.
 */

/** What is on record of uses, by unit and by product; recipes count as uses. */
export interface UseLog {
  units: Map<string, number>
  products: Map<string, number>
  /** When the record begins; null where there is none. */
  begun: string | null
  /** Jobs that the record knows of. */
  jobs: number
}

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
// A record that is shorter says nothing of what is not in it.
const LONG_MONTHS = 12
const MANY_JOBS = 20

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
  const now = Date.parse(day)
  const recorded = log.begun === null ? 0 : (now - Date.parse(log.begun)) / MONTH_MS
  const knows = recorded >= LONG_MONTHS || log.jobs >= MANY_JOBS
  return things
    .filter(t => {
      const ids = t.pans.length > 0 ? t.pans.map(p => p.productId) : [t.productId]
      const used = (log.units.get(t.id) ?? 0) + ids.reduce((sum, id) => sum + (log.products.get(id) ?? 0), 0)
      const months = (now - Date.parse(t.createdAt)) / MONTH_MS
      return idle.has(t.id) && used === 0 && months >= NEW_FOR_MONTHS && !isSpare(t, things) && t.sort !== 'unknown'
    })
    .map(t => ({ t, twin: twinOf(t, things) }))
    .filter(({ t, twin }) => knows || twin || isLoud(t))
    .map(({ t, twin }) => {
      const isWhole = t.sort === 'cosmetic' && t.openedOn === null && t.level === 1 && t.pans.every(p => p.level === 1)
      const advice: WeightAdvice = isWhole && !twin ? 'give away' : twin ? 'use up first' : 'stay at home'
      const why = [
        knows ? `never used since ${log.begun!.slice(0, 10)}, when the record begins` : 'no use of it is on record',
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
