import { difference } from '../../colour/difference'
import type { Lab } from '../../colour/lab'
import { mixingRules } from '../../complexion/bottles/mixable'
import { packPigments } from '../../complexion/bottles/pigments'
import { verdictOf, type Recipe } from '../../complexion/mixing/recipe'
import { mixLab, touchTowards } from '../../complexion/mixing/touch'
import { complexionProduct } from '../../product/recipeItem'
import type { Situation } from '../question/question'
import { byIdOf } from '../../product/byId'
import type { Bottle } from './recipeCandidate'

/** Recipes on record whose bottles are all here, as they come out now. */
export function ownRecipes(usable: readonly Bottle[], target: Lab, { face, settings, items }: Situation): Recipe[] {
  const byId = new Map(usable.map(b => [b.id, b]))
  const media = new Set(items.filter(i => i.kind === 'medium' && i.level > 0).map(i => i.id))
  return face.recipes.flatMap(drops => {
    const coloured = drops.filter(d => byId.has(d.id))
    if (coloured.length === 0 || drops.some(d => !byId.has(d.id) && !media.has(d.id))) return []
    const bottles = coloured.map(d => byId.get(d.id)!)
    const lab = mixLab(packPigments(bottles.map(complexionProduct), mixingRules(settings)), [...coloured])
    const deltaE = difference(lab, target)
    return [{ drops: [...drops], lab, deltaE, verdict: verdictOf(deltaE) }]
  })
}

// As known as one that fits still is the one that a touch brings back.
export const TOUCHED = 4
// A touch comes out of a bottle of the recipe, an adjuster, or a sister shade; of so many at most.
const MOST_TOUCHES = 40

/** Recipes on record from which the skin has moved away, with the touch that brings them back. */
export function touchedUp(
  own: readonly Recipe[],
  usable: readonly { item: Bottle }[],
  target: Lab,
  { settings, items, options }: Situation,
): { recipe: Recipe; add: string }[] {
  const byId = byIdOf(items)
  return own.flatMap(({ drops, deltaE }) => {
    if (deltaE <= options.tolerance || drops.some(d => byId.get(d.id)?.kind === 'medium')) return []
    const ranges = new Set(drops.map(d => byId.get(d.id)!.range))
    const bottles = usable
      .map(w => w.item)
      .filter(b => b.kind === 'adjuster' || ranges.has(b.range) || drops.some(d => d.id === b.id))
      .sort((x, y) => Number(drops.some(d => d.id === y.id)) - Number(drops.some(d => d.id === x.id)))
      .slice(0, MOST_TOUCHES)
    const touch = touchTowards(packPigments(bottles.map(complexionProduct), mixingRules(settings)), drops, target)
    if (!touch || difference(touch.lab, target) > options.tolerance) return []
    const now = difference(touch.lab, target)
    const count = touch.add.count === 1 ? 'a drop' : `${touch.add.count} drops`
    return [
      {
        recipe: { drops: touch.drops, lab: touch.lab, deltaE: now, verdict: verdictOf(now) },
        add: `their own recipe, brought back by ${count} of ${byId.get(touch.add.id)!.name} to ${touch.to}`,
      },
    ]
  })
}
