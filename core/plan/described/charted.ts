import type { ChartArea } from '../../asked/brief'
import { CHART_PLACES } from '../../look/aim'
import type { Candidate } from '../question/candidate'
import type { PlanQuestion } from '../question/question'
import type { Filled } from '../candidates/filled'

/** What became of a colour on the face chart. */
export interface Charted {
  area: ChartArea
  /** The product that makes it; null where nothing does. */
  itemId: string | null
  sentence: string
  /** Whether it is what was placed. */
  asPlaced: boolean
}

/** Every colour of the face chart, with what makes it in this plan. */
export function chartedIn(
  filled: readonly Filled[],
  picks: ReadonlyMap<string, Candidate | null>,
  { face, items }: PlanQuestion,
): Charted[] {
  return face.chart.map(({ area, itemId, name }) => {
    const key = CHART_PLACES[area]
    const f = filled.find(x => x.use.key === key)
    const picked = picks.get(key) ?? null
    if (picked && picked.item.id === itemId)
      return { area, itemId, sentence: `${picked.item.name}, as placed`, asPlaced: true }
    if (picked && itemId === null) {
      const same = picked.item.name === name
      const sentence = same
        ? `${name}, as placed`
        : `${picked.item.name} comes nearest to ${name || 'the colour placed'}`
      return { area, itemId: picked.item.id, sentence, asPlaced: same }
    }
    const placed = items.find(i => i.id === itemId)
    const veto = f?.candidates.find(c => c.item.id === itemId)?.veto
    const why = !itemId
      ? `${name || 'the colour'} stands there`
      : !placed
        ? `${name || 'what was placed'} is not in the kit any more`
        : veto
          ? `${placed.name} was placed, but ${veto.sentence}`
          : f?.fixed
            ? 'you hold another product there'
            : `${placed.name} does not do the work of this place`
    const near = picked?.findings.find(x => x.rule === 'shows-on-skin')
    return {
      area,
      itemId: picked?.item.id ?? null,
      sentence: picked
        ? `${why}: ${picked.item.name} comes nearest${near ? ` (${near.sentence})` : ''}`
        : f
          ? `${why}; nothing of the kit comes near`
          : `${why}; it has no place in what is done`,
      asPlaced: false,
    }
  })
}
