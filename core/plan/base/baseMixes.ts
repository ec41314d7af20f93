import { deltaE, surroundings } from '../../colour/difference'
import type { Lab } from '../../colour/lab'
import type { Due } from '../../due'
import { matchWithin, recipeAt } from '../../complexion/match'
import { mayMix, type MixingRules } from '../../complexion/bottles/mixable'
import { packPigments, type Pigments } from '../../complexion/bottles/pigments'
import { FAMILIES } from '../../complexion/bottles/product'
import { VERDICT_LIMITS, type Recipe, type RecipeOptions } from '../../complexion/mixing/recipe'
import { sweep } from '../../complexion/mixing/sweep'
import type { KitItem } from '../../product/item'
import { complexionProduct } from '../../product/recipeItem'

type Bottle = KitItem & { lab: Lab }

interface MixesQuestion {
  target: Lab
  bottles: readonly Bottle[]
  rules: MixingRules
  options: RecipeOptions
  /** Bottles in the order in which their formula suits. */
  promising: readonly Bottle[]
  due?: Due
}

/** What could be mixed for a skin, before anything but the colour is looked at. */
export interface BaseMixes {
  recipes: Recipe[]
  /** False where so many bottles stand there, or time was so short, that not every mix was tried. */
  complete: boolean
}

// As many mixes as are counted out within a blink.
const MOST_MIXES = 250_000
// Where no seam goes unseen, what comes this near to the best is weighed.
const AS_NEAR = 0.75
// Recipes looked at per formula where not all can be.
const PER_FORMULA = 4
const FORMULAS = 5
const SIMPLE = 2

/**
 * Every mix whose seam can at least be blended; where there is none, those nearest to the best. In a kit of an artist's size all
 * mixes are tried, so that nothing is missed whatever else speaks for it; of thousands of bottles the best by colour for each base
 * family and for the formulas that suit best.
 */
export function baseMixes(question: MixesQuestion): BaseMixes {
  const { target, bottles, rules, options, due } = question
  const pigments = packPigments(bottles.map(complexionProduct), rules)
  return mixesOf(pigments, options) <= MOST_MIXES ? allNear(target, pigments, options, due) : bestPerFormula(question)
}

/** How many recipes a sweep would show, at most. */
function mixesOf({ count, mixable }: Pigments, { maxProducts, maxDrops }: RecipeOptions): number {
  let pairs = 0
  for (let i = 0; i < count; i++) for (let j = i + 1; j < count; j++) pairs += mixable[i * count + j]!
  // As if every product mixed with as many as the usual one does.
  const with_ = count > 0 ? (2 * pairs) / count : 0
  const triples = (pairs * Math.max(0, with_ - 1)) / 3
  const fours = (triples * Math.max(0, with_ - 2)) / 4
  const ways = (k: number) => choose(maxDrops, k)
  return count + pairs * ways(2) + (maxProducts > 2 ? triples * ways(3) : 0) + (maxProducts > 3 ? fours * ways(4) : 0)
}
const choose = (n: number, k: number): number => (k === 0 ? 1 : (choose(n, k - 1) * (n - k + 1)) / k)

function allNear(target: Lab, pigments: Pigments, options: RecipeOptions, due?: Due): BaseMixes {
  const found: Recipe[] = []
  let nearest = Infinity
  let reach = surroundings(target, REACH)
  let within = REACH
  const complete = sweep(
    pigments,
    { ...options, illuminant: 'D65' },
    {
      recipe: state => {
        const dL = state.L - target.L
        const da = state.a - target.a
        const db = state.b - target.b
        if (reach.perL * dL * dL + reach.perChroma * (da * da + db * db) > within * within) return
        const dE = deltaE(target.L, target.a, target.b, state.L, state.a, state.b)
        if (dE > within) return
        found.push(recipeAt(pigments, state, dE))
        if (dE < nearest) {
          nearest = dE
          const narrower = Math.max(VERDICT_LIMITS.workable, nearest + AS_NEAR)
          if (narrower < within) {
            within = narrower
            reach = surroundings(target, within)
          }
        }
      },
      due,
    },
  )
  const limit = Math.max(VERDICT_LIMITS.workable, nearest + AS_NEAR)
  return { recipes: found.filter(r => r.deltaE <= limit), complete }
}
// Farther than any bottle from any skin.
const REACH = 120

function bestPerFormula({ target, bottles, rules, options, promising, due }: MixesQuestion): BaseMixes {
  const safe = { ...rules, someRisk: false }
  let complete = true
  const bestOf = (group: readonly Bottle[], by: MixingRules, limit: number, most: number, known: readonly Recipe[]) => {
    const found = matchWithin(
      target,
      packPigments(group.map(complexionProduct), by),
      { ...options, maxProducts: Math.min(most, options.maxProducts) },
      { limit, due, nearest: 'of a better verdict', known },
    )
    complete &&= found.complete
    return found.recipes
  }
  const withAdjusters = (bases: readonly Bottle[]) => [
    ...bases,
    ...bottles.filter(b => b.kind === 'adjuster' && !bases.includes(b) && bases.some(o => mayMix(o, b, safe))),
  ]
  const recipes: Recipe[] = []
  for (const family of FAMILIES) {
    const own = bottles.filter(b => b.family === family)
    if (own.some(b => b.kind === 'foundation'))
      recipes.push(...bestOf(withAdjusters(own), safe, PER_FORMULA, options.maxProducts, []))
  }
  const formulaOf = (b: Bottle) => `${b.family} ${b.coverage} ${b.finish}`
  for (const formula of [...new Set(promising.map(formulaOf))].slice(0, FORMULAS))
    recipes.push(
      ...bestOf(
        withAdjusters(bottles.filter(b => b.kind === 'foundation' && formulaOf(b) === formula)),
        safe,
        PER_FORMULA,
        options.maxProducts,
        [],
      ),
    )
  // Over everything that method and palette let mix: where one base alone is as good as can be seen, only two of several are worth
  // counting out, for they would have to be simpler.
  const most = recipes.some(r => r.verdict === 'invisible') ? SIMPLE : options.maxProducts
  recipes.push(...bestOf(bottles, rules, 1, most, recipes))
  return { recipes, complete: complete && bottles.length === 0 }
}
