import { deltaE, surroundings, type Surroundings } from '../colour/difference'
import type { Lab } from '../colour/lab'
import { under } from '../colour/spectrum'
import { OutOfTime, type Due } from '../due'
import { failings, type Failing } from './fails'
import { recipeAt } from './match'
import { neighbourhood } from './skins/neighbourhood'
import type { Pigments } from './bottles/pigments'
import type { Skin } from './skins/population'
import { DEFAULT_OPTIONS, type Recipe, type RecipeOptions } from './mixing/recipe'
import { sweep, type SweepState } from './mixing/sweep'

export interface ReachedSkin extends Skin {
  /** First by rank; null when there is nothing to mix. */
  best: Recipe | null
  /** Smallest ΔE00 of any allowed recipe. */
  nearest: Recipe | null
  /** How the nearest recipe misses the skin; empty for a skin within the tolerance. */
  failsBy: Failing[]
  /** Products without which the skin would fall out of the tolerance. */
  essential: string[]
}

export interface Reach {
  /** Share of the population, 0–1, with a recipe within 1, 2 and 3 ΔE00, and within the tolerance. */
  share: { within1: number; within2: number; within3: number; withinTolerance: number }
  skins: ReachedSkin[]
  /** Products that may each be left out without losing a skin. */
  redundant: string[]
}

/**
 * Whom a set of products can match.
 *
 * Three sweeps, each narrowing the next: single products say how far any better recipe can lie from a skin, pairs
 * bring that down to a few Lab units, and the full sweep then meets only the skins whose surroundings a recipe falls into.
 * @param skins the population; booked faces may be added with weight 0, they then count for redundancy only
 * @throws OutOfTime: a skin called out of reach before every mix was tried could be a false answer
 */
export function reach(
  pigments: Pigments,
  skins: readonly Skin[],
  options: Partial<RecipeOptions> = {},
  progress?: (done: number) => void,
  due?: Due,
): Reach {
  const settings = { ...DEFAULT_OPTIONS, ...options }
  const targets = skins.map(s => under(s.lab, settings.illuminant))
  const ledger = new Ledger(pigments, targets, settings.tolerance)

  sweep(
    pigments,
    { ...settings, maxProducts: 1 },
    {
      recipe(state) {
        for (let skin = 0; skin < targets.length; skin++) ledger.offer(skin, state)
      },
    },
  )
  for (const maxProducts of [2, settings.maxProducts]) {
    if (maxProducts > settings.maxProducts || maxProducts < 2) continue
    const last = maxProducts === settings.maxProducts
    const near = neighbourhood(targets, ledger.tighten())
    const complete = sweep(
      pigments,
      { ...settings, maxProducts },
      {
        recipe(state) {
          const cell = near.cellAt(state.L, state.a, state.b)
          if (cell < 0) return
          for (let k = near.start[cell]!; k < near.start[cell + 1]!; k++) ledger.offer(near.items[k]!, state)
        },
        progress: last ? progress : undefined,
        due,
      },
    )
    if (!complete) throw new OutOfTime()
    if (last) break
  }
  return ledger.result(skins, targets)
}

/** What is known so far of every skin, updated recipe by recipe. */
class Ledger {
  private readonly rank: Float64Array
  private readonly least: Float64Array
  private readonly perL: Float64Array
  private readonly perChroma: Float64Array
  private readonly best: (Recipe | null)[]
  private readonly nearest: (Recipe | null)[]
  private readonly essential: (number[] | null)[]

  constructor(
    private readonly pigments: Pigments,
    private readonly targets: readonly Lab[],
    private readonly tolerance: number,
  ) {
    const n = targets.length
    this.rank = new Float64Array(n).fill(Infinity)
    this.least = new Float64Array(n).fill(Infinity)
    // Weights of the lower bound that spares most ΔE00; 0 until the first sweep has been.
    this.perL = new Float64Array(n)
    this.perChroma = new Float64Array(n)
    this.best = new Array<Recipe | null>(n).fill(null)
    this.nearest = new Array<Recipe | null>(n).fill(null)
    this.essential = new Array<number[] | null>(n).fill(null)
  }

  /** Where around each skin a recipe can still matter; from now on only those are to be offered. */
  tighten(): Surroundings[] {
    return this.targets.map((target, skin) => {
      // No recipe at all after the first sweep means there is no base: nothing further will come.
      const around = surroundings(
        target,
        Math.max(this.tolerance, Number.isFinite(this.rank[skin]!) ? this.rank[skin]! : 0),
      )
      this.perL[skin] = around.perL
      this.perChroma[skin] = around.perChroma
      return around
    })
  }

  offer(skin: number, state: SweepState): void {
    const target = this.targets[skin]!
    const dL = state.L - target.L
    const da = state.a - target.a
    const db = state.b - target.b
    const bound = this.perL[skin]! * dL * dL + this.perChroma[skin]! * (da * da + db * db)
    const useful = Math.max(this.rank[skin]! - state.penalty, this.least[skin]!)
    if (bound > useful * useful && (bound > this.tolerance * this.tolerance || !this.mayNarrow(skin, state))) return
    const dE = deltaE(target.L, target.a, target.b, state.L, state.a, state.b)
    if (dE <= this.tolerance) this.narrow(skin, state)
    const rank = dE + state.penalty
    const first = rank < this.rank[skin]!
    const nears = dE < this.least[skin]!
    if (!first && !nears) return
    const recipe = recipeAt(this.pigments, state, dE)
    if (first) {
      this.rank[skin] = rank
      this.best[skin] = recipe
    }
    if (nears) {
      this.least[skin] = dE
      this.nearest[skin] = recipe
    }
  }

  /** Whether a recipe lacks something that every recipe within the tolerance has held so far. */
  private mayNarrow(skin: number, state: SweepState): boolean {
    const known = this.essential[skin]
    if (!known) return true
    for (const part of known) {
      let held = false
      for (let k = 0; k < state.size; k++) if (state.parts[k] === part) held = true
      if (!held) return true
    }
    return false
  }

  /** Keeps as essential only what this recipe holds too. */
  private narrow(skin: number, state: SweepState): void {
    const held = state.parts.subarray(0, state.size)
    const known = this.essential[skin]
    this.essential[skin] = known ? known.filter(p => held.includes(p)) : Array.from(held)
  }

  result(skins: readonly Skin[], targets: readonly Lab[]): Reach {
    const ids = this.pigments.products.map(p => p.id)
    const reached = skins.map((skin, i): ReachedSkin => {
      const nearest = this.nearest[i] ?? null
      const missed = nearest !== null && nearest.deltaE > this.tolerance
      return {
        ...skin,
        best: this.best[i] ?? null,
        nearest,
        failsBy: missed ? failings(nearest.lab, targets[i]!) : [],
        essential: (this.essential[i] ?? []).map(p => ids[p]!),
      }
    })
    const needed = new Set(reached.flatMap(s => s.essential))
    const within = (limit: number) =>
      Math.min(
        1,
        reached.reduce((sum, s) => sum + (s.nearest && s.nearest.deltaE <= limit ? s.weight : 0), 0),
      )
    return {
      share: { within1: within(1), within2: within(2), within3: within(3), withinTolerance: within(this.tolerance) },
      skins: reached,
      redundant: ids.filter(id => !needed.has(id)),
    }
  }
}
