import { mayMix, type MixingRules } from '../../complexion/bottles/mixable'
import type { Recipe } from '../../complexion/mixing/recipe'
import type { KitItem } from '../../product/item'
import type { Candidate } from '../question/candidate'

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

// What has to be gained: thinning is done with what stands open anyway, a booster is one more bottle.
const WORTH_THINNING = 0.5
const WORTH_BOOSTING = 1

/** What has to be gained for a bottle more to be worth it. */
export const leastGain = (medium: KitItem) => (isThinner(medium) ? WORTH_THINNING : WORTH_BOOSTING)

/**
 * The best a medium makes of a recipe, if that is worth the bottle; null where it is not.
 * @param before the worth without it
 */
export function bestSteered(
  recipe: Recipe,
  bottles: readonly KitItem[],
  medium: KitItem,
  rules: MixingRules,
  before: number,
  worthOf: (recipe: Recipe) => number,
): Recipe | null {
  let best: Recipe | null = null
  let most = before + leastGain(medium)
  for (const steeredTo of steered(recipe, bottles, medium, rules)) {
    const worth = worthOf(steeredTo)
    if (worth > most) [best, most] = [steeredTo, worth]
  }
  return best
}

/**
 * Among media that do the same to every recipe and have the same findings, the cheapest.
 * @param ranges on which it depends what may be mixed with what
 */
export function differentMedia(media: readonly Candidate[], ranges: ReadonlySet<string>): KitItem[] {
  const price = ({ priceMinor, size }: KitItem) => (priceMinor === null ? Infinity : priceMinor / size)
  const cheapest = new Map<string, KitItem>()
  for (const { item, findings } of media) {
    const {
      id: _id,
      name: _name,
      priceMinor: _price,
      size: _size,
      level: _level,
      useBy: _useBy,
      isOpen: _isOpen,
      lab: _lab,
      ...does
    } = item
    // Its colour, if one is on record, is none in a mix.
    const key = JSON.stringify([{ ...does, range: ranges.has(item.range) ? item.range : '' }, findings])
    const known = cheapest.get(key)
    if (!known || price(item) < price(known)) cheapest.set(key, item)
  }
  return [...cheapest.values()]
}
