import type { Lab } from '../colour/lab'
import { dueAfter, type Due } from '../due'
import type { MixingRules } from '../complexion/bottles/mixable'
import { packPigments } from '../complexion/bottles/pigments'
import type { Skin } from '../complexion/skins/population'
import type { ComplexionProduct } from '../complexion/bottles/product'
import { DEFAULT_OPTIONS, type RecipeOptions } from '../complexion/mixing/recipe'
import { needs, type Need } from './needs'
import { isAsWanted, type WantedBase } from './wantedBase'
import { bestChoice, SAME, type Aim, type Choice, type Problem } from './search'

export interface Offer {
  id: string
  product: ComplexionProduct
  price: number
}

export interface BuyQuestion {
  owned: readonly ComplexionProduct[]
  offers: readonly Offer[]
  population: readonly Skin[]
  budget: number
  /** Colours that must be reached before anything else counts. */
  mustReach?: readonly Lab[]
  /** For the colour at the same place: the base that was asked for there; null where any does. */
  mustBase?: readonly (WantedBase | null)[]
  options?: Partial<RecipeOptions>
  rules?: MixingRules
  /** For the whole answer; the exact search without end when left out. */
  timeLimitMs?: number
}

export interface SpendPoint {
  spend: number
  reach: number
  chosen: string[]
  optimal: boolean
}

/** Why an offer is in the choice. */
export interface Reason {
  id: string
  /** Share of the population that only the choice with this offer in it reaches. */
  share: number
  /** Indexes into the population of those skins. */
  skins: number[]
  /** Indexes into `mustReach` that need it. */
  mustReach: number[]
}

export interface BuyAnswer {
  chosen: string[]
  spend: number
  reach: { before: number; after: number }
  proof: { optimal: boolean; upperBound: number }
  curve: SpendPoint[]
  reasons: Reason[]
  /** Indexes into `mustReach` that the choice does not reach. */
  unmet: number[]
}

// A colour that must be reached outweighs the whole population, whose weights add up to 1.
const MUST = 2
const CURVE_STEPS = 10
// A step of the curve is a sketch: where nobody sets an end it still gets one.
const CURVE_STEP_MS = 500
// Shares of the time allowed: until when it finds what matches whom, until when it looks for the answer, and for the curve.
const UNTIL = { needs: 0.5, answer: 0.8, curve: 0.95 }

/**
 * What to buy within a budget to reach most of a population, exactly: see {@link needs} and {@link bestChoice}.
 * Equal reach goes to the lower spend. Money is in whatever unit the prices and the budget share.
 */
export function buy(question: BuyQuestion, progress?: (done: number) => void): BuyAnswer {
  const { owned, population, budget, mustReach = [], mustBase = [], timeLimitMs = Infinity } = question
  const begun = performance.now()
  const until = (share: number) => begun + share * timeLimitMs
  const options = { ...DEFAULT_OPTIONS, ...question.options }
  const offers = question.offers.filter(o => o.price <= budget + SAME)
  const prices = Float64Array.from(offers, o => o.price)
  const due = Number.isFinite(timeLimitMs) ? dueAfter(until(UNTIL.needs) - performance.now()) : undefined
  const skins = [...mustReach, ...population.map(s => s.lab)]
  const all = needs({
    pigments: packPigments([...owned, ...offers.map(o => o.product)], question.rules),
    owned: owned.length,
    prices,
    budget,
    skins,
    options,
    progress: progress && (done => progress(done * 0.8)),
    due,
  })
  const found = all.needs
  const asAsked = mustBase.map(
    (wanted, i) => wanted && needFor(wanted, mustReach[i]!, { ...question, offers, options, due }),
  )
  asAsked.forEach((own, i) => {
    if (own) found[i] = own.need
  })
  const complete = all.complete && asAsked.every(own => !own || own.complete)
  const weights = [...mustReach.map(() => MUST), ...population.map(s => s.weight)]
  const before = total(found.slice(mustReach.length).map((need, i) => (need.met ? population[i]!.weight : 0)))
  const aims = found.flatMap((need, i): Aim[] => (need.met ? [] : [{ weight: weights[i]!, sets: need.sets }]))
  const problem: Problem = { prices, aims, budget }

  const choice = bestChoice(problem, until(UNTIL.answer))
  progress?.(0.9)
  const reachOf = (chosen: readonly number[]) => {
    const held = new Set(chosen)
    return Math.min(
      1,
      total(found.slice(mustReach.length).map((n, i) => (reaches(n, held) ? population[i]!.weight : 0))),
    )
  }
  const curve = spendCurve(problem, choice, until(UNTIL.curve), chosen => ({
    reach: reachOf(chosen),
    chosen: chosen.map(j => offers[j]!.id),
  }))
  progress?.(1)

  const after = reachOf(choice.chosen)
  const held = new Set(choice.chosen)
  const unmet = mustReach.flatMap((_, i) => (reaches(found[i]!, held) ? [] : [i]))
  const mustMet = MUST * found.slice(0, mustReach.length).filter((n, i) => !n.met && !unmet.includes(i)).length
  return {
    chosen: choice.chosen.map(j => offers[j]!.id),
    spend: choice.spend,
    reach: { before: Math.min(1, before), after },
    proof: {
      optimal: choice.optimal && complete,
      // Mixes that were not looked at may reach anybody.
      upperBound: !complete ? 1 : choice.optimal ? after : Math.min(1, before + choice.upperBound - mustMet),
    },
    curve,
    reasons: choice.chosen.map(j => reasonFor(offers[j]!.id, j, held, found, mustReach.length, population)),
    unmet,
  }
}

/** What it takes to mix a base as it was asked for; sets by index into all offers. */
function needFor(
  wanted: WantedBase,
  skin: Lab,
  { owned, offers, budget, options, rules, due }: BuyQuestion & { options: RecipeOptions; due?: Due },
): { need: Need; complete: boolean } {
  const finishOf = new Map(wanted.bottles.map(b => [b.id, b.finish]))
  const mine = owned.filter(p => finishOf.has(p.id))
  const theirs = [...offers.keys()].filter(j => finishOf.has(offers[j]!.product.id))
  const products = [...mine, ...theirs.map(j => offers[j]!.product)]
  const parts = products.map(product => ({ product, finish: finishOf.get(product.id)! }))
  const { needs: found, complete } = needs({
    pigments: packPigments(products, rules),
    owned: mine.length,
    prices: Float64Array.from(theirs, j => offers[j]!.price),
    budget,
    skins: [skin],
    options,
    accepts: ({ size, parts: at, counts }) =>
      isAsWanted(
        wanted,
        Array.from({ length: size }, (_, k) => ({ ...parts[at[k]!]!, share: counts[k]! })),
      ),
    due,
  })
  const [need] = found
  return { need: { met: need!.met, sets: need!.sets.map(set => set.map(k => theirs[k]!)) }, complete }
}

const total = (values: readonly number[]) => values.reduce((s, v) => s + v, 0)

const reaches = (need: Need, held: ReadonlySet<number>) =>
  need.met || need.sets.some(set => set.every(j => held.has(j)))

function reasonFor(
  id: string,
  offer: number,
  held: ReadonlySet<number>,
  found: readonly Need[],
  musts: number,
  population: readonly Skin[],
): Reason {
  const without = new Set([...held].filter(j => j !== offer))
  const lost = found.flatMap((need, i) => (reaches(need, held) && !reaches(need, without) ? [i] : []))
  const skins = lost.filter(i => i >= musts).map(i => i - musts)
  return { id, share: total(skins.map(i => population[i]!.weight)), skins, mustReach: lost.filter(i => i < musts) }
}

/** The best reach at evenly spaced budgets up to the one asked for, each step at least as good as the one before. */
function spendCurve(
  problem: Problem,
  full: Choice,
  deadline: number,
  describe: (chosen: readonly number[]) => { reach: number; chosen: string[] },
): SpendPoint[] {
  const points: SpendPoint[] = [{ spend: 0, ...describe([]), optimal: true }]
  const add = ({ chosen, spend, optimal }: Pick<Choice, 'chosen' | 'spend' | 'optimal'>) => {
    const last = points[points.length - 1]!
    const point = { spend, ...describe(chosen), optimal }
    if (point.spend > last.spend + SAME && point.reach > last.reach + SAME) points.push(point)
  }
  let start: readonly number[] = []
  for (let step = 1; step < CURVE_STEPS; step++) {
    const budget = (problem.budget * step) / CURVE_STEPS
    if (budget >= full.spend - SAME) break
    const now = performance.now()
    if (now >= deadline) break
    const share = Number.isFinite(deadline) ? (deadline - now) / (CURVE_STEPS - step) : CURVE_STEP_MS
    const choice = bestChoice({ ...problem, budget }, now + share, start)
    start = choice.chosen
    add(choice)
  }
  add(full)
  return points
}
