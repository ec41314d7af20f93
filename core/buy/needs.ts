import { deltaE, surroundings } from '../colour/difference'
import type { Lab } from '../colour/lab'
import { under } from '../colour/spectrum'
import { neighbourhood } from '../complexion/skins/neighbourhood'
import type { Due } from '../due'
import type { Pigments } from '../complexion/bottles/pigments'
import { sweep, type SweepState } from '../complexion/mixing/sweep'
import type { RecipeOptions } from '../complexion/mixing/recipe'

/** What it takes to reach one skin. */
export interface Need {
  /** True when what is owned reaches it already. */
  met: boolean
  /** Minimal sets of offers that reach it together with what is owned; offer indexes ascending. */
  sets: number[][]
}

export interface NeedsQuestion {
  /** Owned products first, then the offers' products. */
  pigments: Pigments
  owned: number
  /** Price of each offer, same order as their products. */
  prices: ArrayLike<number>
  budget: number
  skins: readonly Lab[]
  options: RecipeOptions
  /** Whether a recipe counts, apart from its colour; all do when left out. */
  accepts?: (recipe: SweepState) => boolean
  progress?: (done: number) => void
  due?: Due
}

export interface Needs {
  needs: Need[]
  /** False when the time was over first: there may be skins met, and ways to meet them, that were not seen. */
  complete: boolean
}

/** A set of at most four offer indexes below 512 as one number, so that sets can be kept in a Set. */
const BASE = 512
const MONEY = 1e-9
// Against the clock no more ways than this are kept: the search behind would not get through more, and memory has an end too.
const MOST_WAYS = 60_000

/**
 * For every skin the minimal sets of offers that bring it within the tolerance, by going through every allowed recipe
 * once. Recipes whose offers together cost more than the budget are never mixed.
 */
export function needs({
  pigments,
  owned,
  prices,
  budget,
  skins,
  options,
  accepts,
  progress,
  due,
}: NeedsQuestion): Needs {
  const targets = skins.map(s => under(s, options.illuminant))
  const around = targets.map(t => surroundings(t, options.tolerance))
  const near = neighbourhood(targets, around)
  const limit = options.tolerance ** 2
  const met = new Uint8Array(targets.length)
  const found = targets.map(() => new Set<number>())
  let ways = 0

  const consider = (skin: number, state: SweepState, key: number) => {
    if (met[skin] === 1) return
    const target = targets[skin]!
    const { perL, perChroma } = around[skin]!
    const dL = state.L - target.L
    const da = state.a - target.a
    const db = state.b - target.b
    // The bound first: it costs less than looking the set up.
    if (perL * dL * dL + perChroma * (da * da + db * db) > limit || found[skin]!.has(key)) return
    if (deltaE(target.L, target.a, target.b, state.L, state.a, state.b) > options.tolerance) return
    if (accepts && !accepts(state)) return
    if (key === 0) met[skin] = 1
    else {
      found[skin]!.add(key)
      ways++
    }
  }

  const visitor = {
    enter(parts: Int32Array, size: number, part: number) {
      if (part < owned) return true
      let cost = prices[part - owned]!
      for (let k = 0; k < size; k++) if (parts[k]! >= owned) cost += prices[parts[k]! - owned]!
      return cost <= budget + MONEY
    },
    recipe(state: SweepState) {
      const cell = near.cellAt(state.L, state.a, state.b)
      if (cell < 0) return
      let key = 0
      for (let k = 0; k < state.size; k++)
        if (state.parts[k]! >= owned) key = key * BASE + (state.parts[k]! - owned + 1)
      for (let k = near.start[cell]!; k < near.start[cell + 1]!; k++) consider(near.items[k]!, state, key)
    },
    progress,
    due: due && (() => ways > MOST_WAYS || due()),
  }
  // With an end in sight the small mixes come first, so that what was seen by then is of use.
  const sizes = due ? [1, 2, 3, 4].filter(n => n < options.maxProducts) : []
  const complete = [...sizes, options.maxProducts].every(maxProducts =>
    sweep(pigments, { ...options, maxProducts }, visitor),
  )
  return {
    complete,
    needs: targets.map((_, skin) =>
      met[skin] === 1 ? { met: true, sets: [] } : { met: false, sets: minimal([...found[skin]!].map(unpack)) },
    ),
  }
}

const pack = (set: readonly number[]) => set.reduce((key, i) => key * BASE + i + 1, 0)

function unpack(key: number): number[] {
  const set: number[] = []
  for (let rest = key; rest > 0; rest = Math.floor(rest / BASE)) set.unshift((rest % BASE) - 1)
  return set
}

/** The sets that hold no other set of the list. Sets are ascending and have at most four members. */
export function minimal(sets: readonly (readonly number[])[]): number[][] {
  const kept = new Set<number>()
  return [...sets]
    .sort((x, y) => x.length - y.length)
    .flatMap(set => {
      // Every subset as a bit pattern over the members, the set itself last.
      for (let pattern = 1; pattern < 2 ** set.length; pattern++) {
        if (kept.has(pack(set.filter((_, k) => pattern & (1 << k))))) return []
      }
      kept.add(pack(set))
      return [[...set]]
    })
}
