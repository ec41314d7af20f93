import { deltaE, surroundings } from '../colour/difference'
import type { Lab } from '../colour/lab'
import { under } from '../colour/spectrum'
import type { Due } from '../due'
import { packPigments, type Pigments } from './pigments'
import { sweepNear } from './nearSweep'
import { DEFAULT_OPTIONS, fiddle, verdictOf, type Recipe, type RecipeOptions } from './recipe'
import { sweep, type SweepState } from './sweep'
import type { ComplexionProduct } from './product'
import type { MixingRules } from './mixable'

interface Candidate {
  recipe: Recipe
  rank: number
  pricePerMl: number
}

// No two colours differ by so much.
const FARTHEST = 250
// Two ranks closer than this are the same rank: the cheaper mix goes first.
const SAME = 1e-9

/**
 * The best recipes for one colour, best first: by ΔE00 plus what the recipe costs for being fiddly, ties to the cheaper.
 * The recipe of smallest ΔE00 is always in the list, as its last when its rank would not have brought it there.
 * @param limit how many recipes by rank, at least 1
 */
export function match(
  target: Lab,
  products: readonly ComplexionProduct[],
  options: Partial<RecipeOptions> = {},
  limit = 5,
  rules: MixingRules = {},
): Recipe[] {
  return matchPacked(target, packPigments(products, rules), options, limit)
}

/** {@link match} on products already packed. */
export const matchPacked = (
  wanted: Lab,
  pigments: Pigments,
  options: Partial<RecipeOptions> = {},
  limit = 5,
): Recipe[] => matchWithin(wanted, pigments, options, limit).recipes

export interface TimedMatch {
  recipes: Recipe[]
  /** False when the time was over before every mix was tried: a better one may exist. */
  complete: boolean
}

/** {@link matchPacked} in the time there is: single bottles and pairs first, so that what was found by then is of use. */
export function matchWithin(
  wanted: Lab,
  pigments: Pigments,
  options: Partial<RecipeOptions> = {},
  limit = 5,
  due?: Due,
): TimedMatch {
  const settings = { ...DEFAULT_OPTIONS, ...options }
  const target = under(wanted, settings.illuminant)
  const best: Candidate[] = []
  let nearest: Candidate | undefined
  let weights = { perL: 0, perChroma: 0 }

  /** The rank that is still of use. */
  const ceiling = () => (best.length === limit ? best[limit - 1]!.rank + SAME : Infinity)
  /** The ΔE00 that is still of use for a recipe of so many products and drops. */
  const reachOf = (products: number, drops: number) =>
    Math.min(FARTHEST, Math.max(ceiling() - fiddle(products, drops), nearest?.recipe.deltaE ?? FARTHEST))

  const offer = (state: SweepState) => {
    const last = ceiling()
    const dL = state.L - target.L
    const da = state.a - target.a
    const db = state.b - target.b
    const useful = Math.max(last - state.penalty, nearest ? nearest.recipe.deltaE : Infinity)
    if (weights.perL * dL * dL + weights.perChroma * (da * da + db * db) > useful * useful) return
    const dE = deltaE(target.L, target.a, target.b, state.L, state.a, state.b)
    const rank = dE + state.penalty
    const joins = rank <= last
    const nears = !nearest || dE < nearest.recipe.deltaE
    if (!joins && !nears) return
    const candidate = { recipe: recipeAt(pigments, state, dE), rank, pricePerMl: mixPrice(pigments, state) }
    if (nears) nearest = candidate
    if (joins) insert(best, candidate, limit)
  }

  // Single products and pairs say how far from the target a better recipe can lie, and so how little of the rest need be mixed.
  let complete = sweep(
    pigments,
    { ...settings, maxProducts: Math.min(2, settings.maxProducts) },
    { recipe: offer, due },
  )
  for (let products = 3; complete && products <= settings.maxProducts; products++) {
    weights = surroundings(target, reachOf(products, products))
    // Few drops first: what they find leaves little of the many to be mixed.
    const few = Math.min(products + 1, settings.maxDrops)
    for (const [minDrops, maxDrops] of [
      [products, few],
      [few + 1, settings.maxDrops],
    ] as const) {
      if (!complete || minDrops > maxDrops) continue
      const limits = { products, minDrops, maxDrops, illuminant: settings.illuminant }
      complete = sweepNear(pigments, limits, wanted, target, drops => reachOf(products, drops), offer, due)
    }
  }
  const list = best.map(c => c.recipe)
  if (nearest && !list.some(r => sameDrops(r, nearest!.recipe))) list.push(nearest.recipe)
  return { recipes: list, complete }
}

function insert(best: Candidate[], candidate: Candidate, limit: number): void {
  let at = best.length
  while (at > 0 && goesBefore(candidate, best[at - 1]!)) at--
  best.splice(at, 0, candidate)
  if (best.length > limit) best.pop()
}

function goesBefore(x: Candidate, y: Candidate): boolean {
  if (Math.abs(x.rank - y.rank) > SAME) return x.rank < y.rank
  return x.pricePerMl < y.pricePerMl
}

/** The recipe a sweep stands at, copied out. */
export function recipeAt({ products }: Pigments, state: SweepState, dE: number): Recipe {
  const drops = Array.from({ length: state.size }, (_, k) => ({
    id: products[state.parts[k]!]!.id,
    count: state.counts[k]!,
  }))
  drops.sort((x, y) => y.count - x.count)
  return { drops, lab: { L: state.L, a: state.a, b: state.b }, deltaE: dE, verdict: verdictOf(dE) }
}

/** Price of 1 ml of the mix; a part without a price makes it unknown, which counts as dearest. */
function mixPrice({ products }: Pigments, state: SweepState): number {
  let drops = 0
  let price = 0
  for (let k = 0; k < state.size; k++) {
    drops += state.counts[k]!
    price += state.counts[k]! * (products[state.parts[k]!]!.pricePerMl ?? Infinity)
  }
  return price / drops
}

function sameDrops(x: Recipe, y: Recipe): boolean {
  return (
    x.drops.length === y.drops.length
    && x.drops.every(({ id, count }) => y.drops.some(d => d.id === id && d.count === count))
  )
}
