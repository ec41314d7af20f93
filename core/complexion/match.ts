import { deltaE, surroundings } from '../colour/difference'
import type { Lab } from '../colour/lab'
import { under } from '../colour/spectrum'
import type { Due } from '../due'
import { packPigments, type Pigments } from './bottles/pigments'
import { sweepNear } from './near/nearSweep'
import {
  DEFAULT_OPTIONS,
  easePenalty,
  VERDICT_LIMITS,
  verdictOf,
  type Recipe,
  type RecipeOptions,
} from './mixing/recipe'
import { sweep, type SweepState } from './mixing/sweep'
import type { ComplexionProduct } from './bottles/product'
import type { MixingRules } from './bottles/mixable'

interface FoundMix {
  recipe: Recipe
  rank: number
  pricePerMl: number
}

// No two colours differ by so much.
const FARTHEST = 250
// Two ranks closer than this are the same rank: the cheaper mix goes first.
const SAME = 1e-9

/**
 * The best recipes for one colour, best first: by ΔE00 plus the ease penalty, ties to the cheaper.
 * The recipe of smallest ΔE00 is always in the list, as its last when its rank would not have brought it there.
 * @param limit how many recipes by rank, at least 1
 * @example match({ L: 60, a: 12, b: 20 }, [birch, cedar])[0] // 3 drops of birch and 2 of cedar, ΔE 0.7
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
): Recipe[] => matchWithin(wanted, pigments, options, { limit }).recipes

export interface TimedMatch {
  recipes: Recipe[]
  /** False when the time was over before every mix was tried: a better one may exist. */
  complete: boolean
}

export interface MatchWish {
  /** How many recipes by rank, at least 1. */
  limit?: number
  due?: Due
  /** The recipe of smallest ΔE00 always, or only where it looks better than every other: then most searches are done sooner. */
  nearest?: 'always' | 'of a better verdict'
  /** Recipes of these products that are known already: what does not go before them is not looked for. */
  known?: readonly Recipe[]
}

/** {@link matchPacked} in the time there is: single bottles and pairs first, so that what was found by then is of use. */
export function matchWithin(
  wanted: Lab,
  pigments: Pigments,
  options: Partial<RecipeOptions>,
  { limit = 5, due, nearest: wish = 'always', known = [] }: MatchWish,
): TimedMatch {
  const settings = { ...DEFAULT_OPTIONS, ...options }
  const target = under(wanted, settings.illuminant)
  const best: FoundMix[] = []
  let nearest: FoundMix | undefined
  let weights = { perL: 0, perChroma: 0 }

  /** The rank that is still of use. */
  const ceiling = () => (best.length === limit ? best[limit - 1]!.rank + SAME : Infinity)
  /** The ΔE00 below which a recipe is of use whatever its rank. */
  const nearer = () => {
    const dE = nearest?.recipe.deltaE ?? FARTHEST
    return wish === 'always' ? dE : betterThan(dE)
  }
  /** The ΔE00 that is still of use for a recipe of so many products and drops. */
  const reachOf = (products: number, drops: number) =>
    Math.min(FARTHEST, Math.max(ceiling() - easePenalty(products, drops), nearer()))

  const offer = (state: SweepState) => {
    const last = ceiling()
    const dL = state.L - target.L
    const da = state.a - target.a
    const db = state.b - target.b
    const useful = Math.max(last - state.penalty, nearest ? nearer() : Infinity)
    if (weights.perL * dL * dL + weights.perChroma * (da * da + db * db) > useful * useful) return
    const dE = deltaE(target.L, target.a, target.b, state.L, state.a, state.b)
    const rank = dE + state.penalty
    if (rank > last && nearest && dE >= nearest.recipe.deltaE) return
    take(recipeAt(pigments, state, dE), rank)
  }
  function take(recipe: Recipe, rank: number): void {
    const found = { recipe, rank, pricePerMl: priceOf(pigments, recipe) }
    if (found.rank <= ceiling() && !best.some(b => sameDrops(b.recipe, found.recipe))) insert(best, found, limit)
    if (!nearest || found.recipe.deltaE < nearest.recipe.deltaE) nearest = found
  }

  for (const recipe of known) {
    const drops = recipe.drops.reduce((sum, d) => sum + d.count, 0)
    take(recipe, recipe.deltaE + easePenalty(recipe.drops.length, drops))
  }
  // Single products say how far from the target a better recipe can lie, pairs how far of more, and so how little of the rest need be mixed.
  let complete = sweep(pigments, { ...settings, maxProducts: 1 }, { recipe: offer, due })
  for (let products = 2; complete && products <= settings.maxProducts; products++) {
    if (reachOf(products, products) <= 0) continue
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
  const looksBetter = (r: Recipe) => wish === 'always' || list.every(o => r.deltaE < betterThan(o.deltaE) + SAME)
  if (nearest && !list.some(r => sameDrops(r, nearest!.recipe)) && looksBetter(nearest.recipe))
    list.push(nearest.recipe)
  return { recipes: list, complete }
}

/** The largest ΔE00 of a better verdict; among seams that show, each that is smaller. */
function betterThan(deltaE: number): number {
  const { invisible, match, workable } = VERDICT_LIMITS
  if (deltaE <= invisible) return 0
  return deltaE <= match ? invisible : deltaE <= workable ? match : deltaE
}

function insert(best: FoundMix[], candidate: FoundMix, limit: number): void {
  let at = best.length
  while (at > 0 && goesBefore(candidate, best[at - 1]!)) at--
  best.splice(at, 0, candidate)
  if (best.length > limit) best.pop()
}

function goesBefore(x: FoundMix, y: FoundMix): boolean {
  if (Math.abs(x.rank - y.rank) > SAME) return x.rank < y.rank
  return x.pricePerMl < y.pricePerMl
}

/** A copy of the recipe a sweep is at. */
export function recipeAt({ products }: Pigments, state: SweepState, dE: number): Recipe {
  const drops = Array.from({ length: state.size }, (_, k) => ({
    id: products[state.parts[k]!]!.id,
    count: state.counts[k]!,
  }))
  drops.sort((x, y) => y.count - x.count)
  return { drops, lab: { L: state.L, a: state.a, b: state.b }, deltaE: dE, verdict: verdictOf(dE) }
}

/** Price of 1 ml of the mix; a part without a price makes it unknown, which counts as dearest. */
function priceOf({ products }: Pigments, { drops }: Recipe): number {
  const price = (id: string) => products.find(p => p.id === id)?.pricePerMl ?? Infinity
  const all = drops.reduce((sum, d) => sum + d.count, 0)
  return drops.reduce((sum, d) => sum + d.count * price(d.id), 0) / all
}

function sameDrops(x: Recipe, y: Recipe): boolean {
  return (
    x.drops.length === y.drops.length
    && x.drops.every(({ id, count }) => y.drops.some(d => d.id === id && d.count === count))
  )
}
