import type { Recipe } from '../../complexion/mixing/recipe'
import type { KitItem } from '../../product/item'
import { scoreOf, vetoOf, weight, type Finding } from '../../suitability/finding'
import type { Override } from './question'

/** Something the kit can put in a place, with all that speaks for and against it. */
export interface Candidate {
  item: KitItem
  recipe: Recipe | null
  findings: Finding[]
  score: number
  veto: ReturnType<typeof vetoOf>
}

export const said = (rule: string, by: number, sentence: string): Finding => ({ rule, ...weight(by, sentence) })

/** Turns vetoes that were lifted into notes. A veto of harm without a reason stays. */
export function lift(item: KitItem, findings: readonly Finding[], overrides: readonly Override[]): Finding[] {
  return findings.map(f => {
    if (f.effect.is !== 'veto') return f
    const lifted = overrides.find(o => o.itemId === item.id && o.rule === f.rule)
    if (!lifted || (f.effect.of === 'harm' && lifted.reason.trim() === '')) return f
    return {
      ...f,
      effect: { is: 'note' },
      sentence: `${f.sentence}; overridden${lifted.reason.trim() ? `: ${lifted.reason.trim()}` : ''}`,
    }
  })
}

/** An item with what was found, vetoes lifted where the artist has lifted them. */
export function judged(
  item: KitItem,
  recipe: Recipe | null,
  findings: readonly Finding[],
  overrides: readonly Override[],
): Candidate {
  const all = lift(item, findings, overrides)
  return { item, recipe, findings: all, score: scoreOf(all), veto: vetoOf(all) }
}
