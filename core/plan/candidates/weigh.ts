import type { Concern } from '../../complexion/correct'
import type { FaceFacts } from '../../asked/face'
import { candidatesFor } from './candidates'
import { cancels, hidesAlone, type Under } from './corrections'
import { fill, type Filled } from './filled'
import type { PlanQuestion } from '../question/question'
import type { SlotUse } from '../needs/uses'

/** What is under other layers is weighed before them. */
const WEIGHED_FIRST: readonly string[] = ['foundation', 'corrector', 'concealer', 'lash glue']
// Over a dark circle lies the concealer, so that it is weighed before its corrector.
function turnOf({ slot, concern }: SlotUse): number {
  const turn = WEIGHED_FIRST.indexOf(slot)
  return turn < 0 || concern === 'dark circles' ? WEIGHED_FIRST.length : turn
}

/** What could go in one place, found for itself. */
export const weighedAt = (use: SlotUse, question: PlanQuestion, under: Under, needless: string | null = null): Filled =>
  fill(use, candidatesFor(use, question, under), question, needless)

/**
 * What could go in each place, in the order of the places: base and concealer are weighed first, since what lies under and over them
 * depends on them.
 */
export function weighed(places: readonly SlotUse[], question: PlanQuestion): { filled: Filled[]; under: Under } {
  const under: Under = { base: null, concealer: null }
  const filled: Filled[] = []
  for (const use of [...places].sort((x, y) => turnOf(x) - turnOf(y))) {
    const place = weighedAt(use, question, under, needlessAt(use, question, under, filled))
    const [best] = [...place.place.options].sort((x, y) => y.worth - x.worth)
    if (use.key === 'foundation') under.base = best?.what ?? null
    if (use.key === 'concealer') under.concealer = best?.what ?? null
    filled.push(place)
  }
  return { filled: filled.sort((x, y) => places.indexOf(x.use) - places.indexOf(y.use)), under }
}

/** Why a place is left empty although it has its needs; null where it is to be filled. */
function needlessAt(use: SlotUse, { face }: PlanQuestion, under: Under, filled: readonly Filled[]): string | null {
  if (use.concern && hidesAlone(under, use.concern, face)) {
    under.base?.findings.push({
      rule: 'correction',
      effect: { is: 'note' },
      sentence: `hides the ${use.concern} without a corrector`,
    })
    return `the base hides the ${use.concern}`
  }
  if (
    use.slot === 'concealer'
    && use.needs.length > 0
    && use.needs.every(n => n.covers && isCovered(n.covers, face, under, filled))
  )
    return 'what shows is covered without it'
  if (use.concern && !under.base && !under.concealer && !isCovering(filled)) return 'nothing goes over it'
  const glue = filled.find(f => f.use.slot === 'lash glue')
  return use.slot === 'lashes' && glue && glue.place.options.length === 0 ? 'no glue of the kit may hold them' : null
}

/** Whether a base or a concealer is still to be weighed, or may be held there. */
const isCovering = (filled: readonly Filled[]) => !filled.some(f => f.use.key === 'foundation')

/** Whether base and corrector leave nothing of a concern to be seen. */
function isCovered(concern: Concern, face: FaceFacts, under: Under, filled: readonly Filled[]): boolean {
  const corrector = filled.find(f => f.use.concern === concern)
  if (!corrector) return hidesAlone(under, concern, face)
  const [best] = [...corrector.place.options].sort((x, y) => y.worth - x.worth)
  return corrector.needless !== null || (best !== undefined && cancels(best.what, concern, face, under))
}
