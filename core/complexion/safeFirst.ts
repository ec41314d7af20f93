import type { Lab } from '../colour/lab'
import { matchWithin } from './match'
import type { MixingRules } from './mixable'
import { packPigments } from './pigments'
import type { ComplexionProduct } from './product'
import type { Recipe, RecipeOptions } from './recipe'

/**
 * The best recipes of what is known to hold; where none of them comes within the tolerance and the rules let pairs mix that often
 * hold, those stand among them, the nearest first.
 */
export function matchSafeFirst(
  target: Lab,
  products: readonly ComplexionProduct[],
  rules: MixingRules,
  options: RecipeOptions,
  limit: number,
): Recipe[] {
  const search = (by: MixingRules, known: readonly Recipe[]) =>
    matchWithin(target, packPigments(products, by), options, { limit, known }).recipes
  const safe = search({ ...rules, someRisk: false }, [])
  if (!rules.someRisk || safe.some(r => r.deltaE <= options.tolerance)) return safe
  const key = ({ drops }: Recipe) =>
    drops
      .map(d => `${d.count} ${d.id}`)
      .sort()
      .join()
  // What is safe may be mixed as well: found already, it leaves less to be tried.
  const daring = search(rules, safe)
  return [...new Map([...daring, ...safe].map(r => [key(r), r])).values()]
    .sort((x, y) => x.deltaE - y.deltaE)
    .slice(0, limit)
}
