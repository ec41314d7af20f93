import type { Lab } from '../colour/lab'
import type { MixingRules } from '../complexion/bottles/mixable'
import { packPigments } from '../complexion/bottles/pigments'
import type { ComplexionProduct } from '../complexion/bottles/product'
import type { RecipeOptions } from '../complexion/mixing/recipe'
import type { Offer } from './buy'
import { needs } from './needs'

export interface MendQuestion {
  owned: readonly ComplexionProduct[]
  offers: readonly Offer[]
  skin: Lab
  options: RecipeOptions
  rules?: MixingRules
}

export interface Mend {
  chosen: string[]
  spend: number
}

/**
 * The cheapest purchase with which a skin can be matched; of two at one price the one of fewer bottles.
 * @returns an empty choice when what is owned matches it already, null when nothing on offer does
 */
export function cheapestMend(
  { owned, offers, skin, options, rules }: MendQuestion,
  progress?: (done: number) => void,
): Mend | null {
  const prices = Float64Array.from(offers, o => o.price)
  const pigments = packPigments([...owned, ...offers.map(o => o.product)], rules)
  const question = { pigments, owned: owned.length, prices, budget: Infinity, skins: [skin], options, progress }
  const [need] = needs(question).needs
  if (need!.met) return { chosen: [], spend: 0 }
  const priced = need!.sets.map(set => ({ set, spend: set.reduce((sum, j) => sum + prices[j]!, 0) }))
  const [best] = priced.sort((x, y) => x.spend - y.spend || x.set.length - y.set.length)
  return best ? { chosen: best.set.map(j => offers[j]!.id), spend: best.spend } : null
}
