import { observer, BANDS, type Illuminant } from '../../colour/tables'
import type { Due } from '../../due'
import type { Pigments } from '../bottles/pigments'
import { greatestCommonDivisor } from './ratio'
import { easePenalty } from './recipe'

/** The recipe the sweep is at. The arrays are reused: copy what is to be kept. */
export interface SweepState {
  /** Products in the recipe; only the first `size` entries of the arrays are valid. */
  size: number
  /** Indexes into the pigments, ascending. */
  readonly parts: Int32Array
  readonly counts: Int32Array
  L: number
  a: number
  b: number
  /** Ease penalty: added to ΔE00 where recipes are ranked. */
  penalty: number
}
/** Inserts a part into a recipe of `held` parts, which stay in ascending order. */
export function insertPart({ parts, counts }: SweepState, held: number, part: number, drops: number): void {
  let at = held
  while (at > 0 && parts[at - 1]! > part) {
    parts[at] = parts[at - 1]!
    counts[at] = counts[at - 1]!
    at--
  }
  parts[at] = part
  counts[at] = drops
}
/** A state for recipes of so many products, to be written over. */
export const emptyState = (size: number): SweepState => ({
  size,
  parts: new Int32Array(size),
  counts: new Int32Array(size),
  L: 0,
  a: 0,
  b: 0,
  penalty: 0,
})

export interface SweepLimits {
  maxProducts: number
  maxDrops: number
  illuminant: Illuminant
}

export interface NearLimits {
  products: number
  /** Drops of the whole recipe, from and to. */
  minDrops: number
  maxDrops: number
  illuminant: SweepLimits['illuminant']
}

export interface SweepVisitor {
  /** Called for every allowed recipe in lowest terms, once. */
  recipe(state: SweepState): void
  /** Asked before product `part` joins the `size` products already chosen; false leaves out every recipe with that set. */
  enter?(parts: Int32Array, size: number, part: number): boolean
  /** Called now and then with the share of the work done, 0–1. */
  progress?(done: number): void
  /** Asked now and then whether the time is over; the sweep then ends where it is. */
  due?: Due
}

// How many products are joined before the clock is read again: reading it costs as much as a recipe, and a visitor may be slow.
const JOINED_BETWEEN_LOOKS = 32

const EPSILON = 216 / 24389
const KAPPA = 24389 / 27

/**
 * Mixes every allowed recipe of a set of products once and shows its colour to a visitor.
 *
 * K and S add up drop by drop, so a recipe costs one pass over 36 wavelengths on top of the recipe it extends,
 * without allocation. Lowest terms: a recipe is shown only when the greatest common divisor of its drops is 1.
 * @returns false when the time was over before every recipe was shown
 */
export function sweep(
  pigments: Pigments,
  { maxProducts, maxDrops, illuminant }: SweepLimits,
  visitor: SweepVisitor,
): boolean {
  const { K, S, count, mixable, base } = pigments
  const { x: wx, y: wy, z: wz, white } = observer(illuminant)
  const sums = Array.from({ length: maxProducts + 1 }, () => new Float64Array(BANDS))
  const state = { ...emptyState(maxProducts), size: 0 }
  const { parts, counts } = state
  const { due } = visitor
  let untilLook = JOINED_BETWEEN_LOOKS
  let over = false

  /** Colour of `before` plus n drops of the product whose K begins at `row`. Two sums each: the adds overlap. */
  function show(before: Float64Array, row: number, n: number, scatter: number, size: number, drops: number): void {
    const inverse = 1 / scatter
    let X = 0,
      Y = 0,
      Z = 0,
      X2 = 0,
      Y2 = 0,
      Z2 = 0
    for (let i = 0; i < BANDS; i += 2) {
      const j = i + 1
      const q = (before[i]! + n * K[row + i]!) * inverse
      const p = (before[j]! + n * K[row + j]!) * inverse
      const R = 1 + q - Math.sqrt(q * (q + 2))
      const R2 = 1 + p - Math.sqrt(p * (p + 2))
      X += wx[i]! * R
      Y += wy[i]! * R
      Z += wz[i]! * R
      X2 += wx[j]! * R2
      Y2 += wy[j]! * R2
      Z2 += wz[j]! * R2
    }
    X = (X + X2) / white.X
    Y += Y2
    Z = (Z + Z2) / white.Z
    const fx = X > EPSILON ? Math.cbrt(X) : (KAPPA * X + 16) / 116
    const fy = Y > EPSILON ? Math.cbrt(Y) : (KAPPA * Y + 16) / 116
    const fz = Z > EPSILON ? Math.cbrt(Z) : (KAPPA * Z + 16) / 116
    counts[size - 1] = n
    state.size = size
    state.L = 116 * fy - 16
    state.a = 500 * (fx - fy)
    state.b = 200 * (fy - fz)
    state.penalty = easePenalty(size, drops)
    visitor.recipe(state)
  }

  function extend(size: number, from: number, drops: number, divisor: number, scatter: number, based: number): void {
    const before = sums[size]!
    const sum = sums[size + 1]!
    const mayGrow = size + 1 < maxProducts
    for (let part = from; part < count; part++) {
      if (due && --untilLook <= 0) {
        untilLook = JOINED_BETWEEN_LOOKS
        over ||= due()
      }
      if (over) return
      if (size === 0) visitor.progress?.(part / count)
      let allowed = true
      for (let k = 0; k < size; k++)
        if (mixable[parts[k]! * count + part] === 0) {
          allowed = false
          break
        }
      if (!allowed) continue
      if (visitor.enter && !visitor.enter(parts, size, part)) continue
      parts[size] = part
      const hasBase = based | base[part]!
      const row = part * BANDS
      for (let n = 1; drops + n <= maxDrops; n++) {
        const total = scatter + n * S[part]!
        const common = greatestCommonDivisor(divisor, n)
        if (common === 1 && hasBase) show(before, row, n, total, size + 1, drops + n)
        if (mayGrow && drops + n < maxDrops) {
          counts[size] = n
          for (let i = 0; i < BANDS; i++) sum[i] = before[i]! + n * K[row + i]!
          extend(size + 1, part + 1, drops + n, common, total, hasBase)
        }
      }
    }
  }
  extend(0, 0, 0, 0, 0, 0)
  visitor.progress?.(1)
  return !over
}
