import type { Situation } from '../question/question'
import { candidatesFor } from './candidates'
import type { Under } from './corrections'
import { badlyMet, unmetBy } from '../needs/met'
import type { KitItem } from '../../product/item'
import type { SlotUse } from '../needs/uses'

/** What a supplier sells that would fill a place of a plan, and why that and no other. */
export interface Offered {
  id: string
  name: string
  sentences: string[]
}

// What speaks this much against a product is no reason to buy it.
const LEAST = -1
const REASONS = 2

/**
 * The offer that suits this face on this job best in a place the kit cannot fill: it meets what was asked of the place, no
 * rule forbids it, and of equals the cheaper is taken. Foundations are bought by reach, not by place.
 */
export function bestOffer(
  use: SlotUse,
  situation: Situation,
  offers: readonly KitItem[],
  under: Under,
): Offered | null {
  if (use.slot === 'foundation') return null
  const [best] = candidatesFor(use, { ...situation, items: offers }, under)
    .filter(c => !c.veto && c.score >= LEAST && unmetBy(use.needs, c.item).length === 0 && badlyMet(c).length === 0)
    .sort((x, y) => y.score - x.score || (x.item.priceMinor ?? Infinity) - (y.item.priceMinor ?? Infinity))
  if (!best) return null
  const weights = best.findings.flatMap(f =>
    f.effect.is === 'weight' && f.effect.by > 0 && f.rule !== 'container'
      ? [{ by: f.effect.by, sentence: f.sentence }]
      : [],
  )
  return {
    id: best.item.id,
    name: best.item.name,
    sentences: weights
      .sort((x, y) => y.by - x.by)
      .slice(0, REASONS)
      .map(w => w.sentence),
  }
}
