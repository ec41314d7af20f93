import { mayMix, type MixingRules } from '../complexion/mixable'
import type { Recipe } from '../complexion/recipe'
import type { KitItem } from '../product/item'

// Thinned beyond half it is no base any more; of what changes more than the cover a touch is enough.
const MOST_THINNER = 0.5
const MOST_BOOSTER = 0.25
// Nobody counts further than this.
const MOST_DROPS = 12

/** Whether a medium only sheers a base; else it is there for cover, glow or wear. */
export const isThinner = (medium: KitItem) =>
  medium.coverage === 'sheer' && medium.wearHours === null && medium.sparkle === 'none'

const gcd = (x: number, y: number): number => (y === 0 ? x : gcd(y, x % y))

/**
 * A recipe with a medium in it, in every ratio of whole drops: thinner, more covering, glowing or longer lasting, of the
 * same colour, since a medium has no pigment to speak of.
 * @returns nothing where the medium may not go into one of the bottles
 */
export function steered(recipe: Recipe, bottles: readonly KitItem[], medium: KitItem, rules: MixingRules): Recipe[] {
  if (!bottles.every(b => mayMix(b, medium, rules))) return []
  const most = isThinner(medium) ? MOST_THINNER : MOST_BOOSTER
  const drops = recipe.drops.reduce((sum, d) => sum + d.count, 0)
  const found = new Map<string, Recipe>()
  for (let batch = 1; batch * drops < MOST_DROPS; batch++) {
    for (let count = 1; batch * drops + count <= MOST_DROPS && count <= most * (batch * drops + count); count++) {
      const counts = [...recipe.drops.map(d => d.count * batch), count]
      const by = counts.reduce(gcd)
      const lowest = counts.map(c => c / by)
      const key = lowest.join()
      if (found.has(key)) continue
      found.set(key, {
        ...recipe,
        drops: [...recipe.drops, { id: medium.id, count: 0 }].map((d, i) => ({ id: d.id, count: lowest[i]! })),
      })
    }
  }
  return [...found.values()]
}
