import { surroundings } from '../colour/difference'
import { kOverS, opaqueReflectance } from '../colour/kubelkaMunk'
import type { Lab } from '../colour/lab'
import { smoothestReflectance } from '../colour/spectrum'
import { BANDS, observer } from '../colour/tables'
import type { Due } from '../due'
import type { Pigments } from './pigments'
import { fiddle } from './recipe'
import type { SweepLimits, SweepState } from './sweep'

/*
 * Recipes of exactly so many products near one colour, without mixing all the others.
 *
 * A mix is a mean of its parts' K/S, and reflectance is a convex function of K/S. So each tristimulus value of a mix is at most the mean
 * of its parts' own (the chord), and at least the mean of their values on the tangent to that function at any point: taken at the colour
 * wanted, where it is tight. Both means cost a few products, not 36 square roots. What they let through is mixed at the bands that weigh
 * most, with the means for the rest, and what still may be near is mixed in full.
 */

const EPSILON = 216 / 24389
const KAPPA = 24389 / 27
const CORNER = 6 / 29
const f = (t: number) => (t > EPSILON ? Math.cbrt(t) : (KAPPA * t + 16) / 116)
const inverse = (u: number) => (u > CORNER ? u * u * u : (116 * u - 16) / KAPPA)
const slope = (t: number) => (t > EPSILON ? 1 / (3 * Math.cbrt(t) ** 2) : KAPPA / 116)
// What a sum of 36 may be off by.
const ROUNDING = 1e-9

/** Bands mixed before the others: those that weigh most in the three sums. */
const FIRST = 14
const AXES = 3
const SMALLER = 0.97

/**
 * Where everything within a ΔE00 of the target lies: least x, y, z; most x, y, z; least and most of the opponents
 * 500·(x slope − y slope) and 200·(y slope − z slope).
 */
const WINDOW = 10

/** What is known of the target: its values, and the tangents there. */
interface Aim {
  target: Lab
  /** Values as shares of the white, and f of them. */
  values: Float64Array
  roots: Float64Array
  slopes: Float64Array
  /** AXES × BANDS: weights as shares of the white. */
  weights: Float64Array
  /** AXES × BANDS: slope of the tangent, times the weight; and per band what stands at K/S 0. */
  tangents: Float64Array
  offsets: Float64Array
  /** Bands in the order they are mixed. */
  order: Int32Array
}

function aimAt(wanted: Lab, target: Lab, illuminant: SweepLimits['illuminant']): Aim {
  const { x, y, z, white } = observer(illuminant)
  const weights = new Float64Array(AXES * BANDS)
  for (const [axis, [w, whole]] of [[x, white.X] as const, [y, white.Y] as const, [z, white.Z] as const].entries())
    for (let i = 0; i < BANDS; i++) weights[axis * BANDS + i] = w[i]! / whole
  const fy = (target.L + 16) / 116
  const roots = Float64Array.of(fy + target.a / 500, fy, fy - target.b / 200)
  const values = roots.map(inverse)
  const tangents = new Float64Array(AXES * BANDS)
  const offsets = new Float64Array(AXES * BANDS)
  const skin = smoothestReflectance(wanted)
  for (let i = 0; i < BANDS; i++) {
    // A tangent of 0 or 1 would be none.
    const R = Math.min(0.9999, Math.max(1e-4, skin[i]!))
    const q = kOverS(R)
    const steep = 1 - (q + 1) / Math.sqrt(q * q + 2 * q)
    for (let axis = 0; axis < AXES; axis++) {
      const w = weights[axis * BANDS + i]!
      tangents[axis * BANDS + i] = w * steep
      offsets[axis * BANDS + i] = w * (R - steep * q)
    }
  }
  const weight = (i: number) => weights[i]! + weights[BANDS + i]! + weights[2 * BANDS + i]!
  const order = Int32Array.from(Array.from({ length: BANDS }, (_, i) => i).sort((p, q) => weight(q) - weight(p)))
  return { target, values, roots, slopes: values.map(slope), weights, tangents, offsets, order }
}

function windowInto({ target, values, roots, slopes }: Aim, limit: number, into: Float64Array, at: number): void {
  const { radius, perL, perChroma } = surroundings(target, limit)
  const dL = Math.min(radius, limit / Math.sqrt(perL))
  const dC = Math.min(radius, limit / Math.sqrt(perChroma))
  // How far f of each value can be off.
  const off = [dL / 116 + dC / 500, dL / 116, dL / 116 + dC / 200]
  roots.forEach((r, k) => {
    into[at + k] = inverse(r - off[k]!) - ROUNDING
    into[at + AXES + k] = inverse(r + off[k]!) + ROUNDING
  })
  // Opponents as linear functions of the values: exact at the target, and bent by no more than this within the window.
  const bent = (k: number) => slopes[k]! * 3 * (Math.abs(roots[k]!) + off[k]!) * off[k]! ** 2
  const a = 500 * (slopes[0]! * values[0]! - slopes[1]! * values[1]!)
  const b = 200 * (slopes[1]! * values[1]! - slopes[2]! * values[2]!)
  const roomA = dC + 500 * (bent(0) + bent(1)) + ROUNDING
  const roomB = dC + 200 * (bent(1) + bent(2)) + ROUNDING
  into.set([a - roomA, a + roomA, b - roomB, b + roomB], at + 2 * AXES)
}

/** Sums over some bands for one K/S curve: values themselves and on the tangents, three of each. */
function sumsOf(aim: Aim, q: (band: number) => number, bands: Int32Array, into: Float64Array, at: number): void {
  const { weights, tangents, offsets } = aim
  for (let axis = 0; axis < AXES; axis++) {
    let value = 0
    let tangent = 0
    for (const i of bands) {
      const w = axis * BANDS + i
      value += weights[w]! * opaqueReflectance(q(i))
      tangent += offsets[w]! + tangents[w]! * q(i)
    }
    into[at + axis] = value
    into[at + AXES + axis] = tangent
  }
}
const SUMS = 2 * AXES

export interface NearLimits {
  products: number
  /** Drops of the whole recipe, from and to. */
  minDrops: number
  maxDrops: number
  illuminant: SweepLimits['illuminant']
}

/**
 * Shows every recipe of exactly so many products and drops that may lie within a ΔE00 of a colour, each once in lowest terms; others may be
 * shown as well, and many are not.
 * @param wanted the colour under D65, `target` the same under the light of the limits
 * @param limitFor the ΔE00 that is still of use for a recipe of so many drops; asked now and then, and it may only fall
 * @param visit gets the recipe with its parts as indexes into the pigments, ascending; the state is reused
 * @returns false when the time was over before all were tried
 */
export function sweepNear(
  pigments: Pigments,
  { products, minDrops, maxDrops, illuminant }: NearLimits,
  wanted: Lab,
  target: Lab,
  limitFor: (drops: number) => number,
  visit: (state: SweepState) => void,
  due?: Due,
): boolean {
  const { K, S, count, mixable, base } = pigments
  if (count < products || maxDrops < products) return true
  const aim = aimAt(wanted, target, illuminant)
  const { weights, order } = aim
  const all = Int32Array.from({ length: BANDS }, (_, i) => i)
  const rest = order.subarray(FIRST)

  // Per product: sums over all bands, and over those mixed last.
  const own = new Float64Array(count * SUMS)
  const ownRest = new Float64Array(count * SUMS)
  for (let i = 0; i < count; i++) {
    const curve = (band: number) => K[i * BANDS + band]! / S[i]!
    sumsOf(aim, curve, all, own, i * SUMS)
    sumsOf(aim, curve, rest, ownRest, i * SUMS)
  }
  // Lightest first: once a mix is darker than the target, nothing further on can bring it back.
  const light = Int32Array.from(
    Array.from({ length: count }, (_, i) => i).sort((p, q) => own[q * SUMS + 1]! - own[p * SUMS + 1]!),
  )

  const windows = new Float64Array((maxDrops + 1) * WINDOW)
  let widest = Infinity
  let closest = Infinity
  /** The first of the lightest-first list that is not surely lighter than everything wanted. */
  let darkFrom = 0
  function look(): void {
    // A window costs a few hundred recipes: all are made anew when they have become clearly smaller.
    const most = limitFor(minDrops)
    const least = limitFor(maxDrops)
    if (most > widest * SMALLER && least > closest * SMALLER) return
    widest = most
    closest = least
    for (let drops = minDrops; drops <= maxDrops; drops++)
      windowInto(aim, Math.max(1e-6, limitFor(drops)), windows, drops * WINDOW)
    darkFrom = 0
    while (darkFrom < count && own[light[darkFrom]! * SUMS + 4]! > windows[minDrops * WINDOW + 4]!) darkFrom++
  }
  const [sx, sy, sz] = [aim.slopes[0]!, aim.slopes[1]!, aim.slopes[2]!]

  const state: SweepState = {
    size: products,
    parts: new Int32Array(products),
    counts: new Int32Array(products),
    L: 0,
    a: 0,
    b: 0,
    penalty: 0,
  }
  const parts = new Int32Array(products)
  const counts = new Int32Array(products)
  const sums = Array.from({ length: products }, () => new Float64Array(BANDS))
  const partial = new Float64Array(SUMS)
  const partialRest = new Float64Array(SUMS)
  let over = false

  function show(n: number, last: number, drops: number, X: number, Y: number, Z: number): void {
    for (let k = 0; k < products; k++) {
      // Into ascending order of the pigments, as any sweep shows them.
      const part = k < products - 1 ? parts[k]! : last
      const taken = k < products - 1 ? counts[k]! : n
      let at = k
      while (at > 0 && state.parts[at - 1]! > part) {
        state.parts[at] = state.parts[at - 1]!
        state.counts[at] = state.counts[at - 1]!
        at--
      }
      state.parts[at] = part
      state.counts[at] = taken
    }
    const fx = f(X)
    const fy = f(Y)
    const fz = f(Z)
    state.L = 116 * fy - 16
    state.a = 500 * (fx - fy)
    state.b = 200 * (fy - fz)
    state.penalty = fiddle(products, drops)
    visit(state)
  }

  /** The sums of what stands, over all bands and over those mixed last. */
  function sumsOfPartial(scatter: number): void {
    const { tangents, offsets } = aim
    const before = sums[products - 1]!
    const scale = 1 / scatter
    partial.fill(0)
    for (let k = 0; k < BANDS; k++) {
      // What is left of all bands once the first are through is the rest.
      if (k === FIRST) partialRest.set(partial)
      const i = order[k]!
      const q = before[i]! * scale
      const R = 1 + q - Math.sqrt(q * (q + 2))
      for (let axis = 0; axis < AXES; axis++) {
        const w = axis * BANDS + i
        partial[axis]! += weights[w]! * R
        partial[AXES + axis]! += offsets[w]! + tangents[w]! * q
      }
    }
    for (let k = 0; k < SUMS; k++) partialRest[k] = partial[k]! - partialRest[k]!
  }

  /** Everything that one more product can make of what stands: `size` products, `drops` drops. */
  function finish(from: number, drops: number, divisor: number, scatter: number, based: number): void {
    sumsOfPartial(scatter)
    const xb = partial[0]!
    const yb = partial[1]!
    const zb = partial[2]!
    const txb = partial[3]!
    const tyb = partial[4]!
    const tzb = partial[5]!
    const most = maxDrops - drops
    const widestAt = Math.max(drops + 1, minDrops) * WINDOW
    const lowest = windows[widestAt + 1]!
    const highest = windows[widestAt + 4]!
    for (let at = tyb > highest ? Math.max(from, darkFrom) : from; at < count; at++) {
      const part = light[at]!
      const row = part * SUMS
      const yk = own[row + 1]!
      const tyk = own[row + 4]!
      if (yb < lowest && yk < lowest) return
      if (tyb > highest && tyk > highest) continue
      if (based === 0 && base[part] === 0) continue
      let allowed = true
      for (let k = 0; k < products - 1; k++)
        if (mixable[parts[k]! * count + part] === 0) {
          allowed = false
          break
        }
      if (!allowed) continue
      const dx = own[row]! - xb
      const dy = yk - yb
      const dz = own[row + 2]! - zb
      const dtx = own[row + 3]! - txb
      const dty = tyk - tyb
      const dtz = own[row + 5]! - tzb
      const Sk = S[part]!
      // From how many drops on it is dark enough, and up to how many it is light enough.
      let first = Math.max(1, minDrops - drops)
      let last = most
      if (dty < 0 && tyb > highest) {
        const need = (tyb - highest) / -dty
        first = Math.max(first, Math.ceil((need * scatter) / (Sk * (1 - need)) - ROUNDING))
      }
      if (dy < 0 && yb >= lowest && yb - lowest < -dy) {
        const room = (yb - lowest) / -dy
        last = Math.min(most, Math.floor((room * scatter) / (Sk * (1 - room)) + ROUNDING))
      }
      for (let n = first; n <= last; n++) {
        const whole = scatter + n * Sk
        const share = (n * Sk) / whole
        const w = (drops + n) * WINDOW
        const y = yb + share * dy
        if (y < windows[w + 1]!) {
          // Each further drop of something darker only darkens the chord, and windows only narrow.
          if (dy < 0) break
          continue
        }
        if (tyb + share * dty > windows[w + 4]!) continue
        if (xb + share * dx < windows[w]! || txb + share * dtx > windows[w + 3]!) continue
        if (zb + share * dz < windows[w + 2]! || tzb + share * dtz > windows[w + 5]!) continue
        if (divisor > 1 && greatestCommonDivisor(divisor, n) !== 1) continue
        mix(part, n, drops, 1 / whole, share, w)
      }
    }
  }

  /** The bands that weigh most, mixed, and the rest by the two means; then, where it still may be near, all of them. */
  function mix(part: number, n: number, drops: number, scale: number, share: number, w: number): void {
    const before = sums[products - 1]!
    const offset = part * BANDS
    const row = part * SUMS
    let X = 0
    let Y = 0
    let Z = 0
    for (let k = 0; k < FIRST; k++) {
      const i = order[k]!
      const q = (before[i]! + n * K[offset + i]!) * scale
      const R = 1 + q - Math.sqrt(q * (q + 2))
      X += weights[i]! * R
      Y += weights[BANDS + i]! * R
      Z += weights[2 * BANDS + i]! * R
    }
    const left = 1 - share
    const Yh = Y + left * partialRest[1]! + share * ownRest[row + 1]!
    const Yl = Y + left * partialRest[4]! + share * ownRest[row + 4]!
    if (Yh < windows[w + 1]! || Yl > windows[w + 4]!) return
    const Xh = X + left * partialRest[0]! + share * ownRest[row]!
    const Xl = X + left * partialRest[3]! + share * ownRest[row + 3]!
    if (Xh < windows[w]! || Xl > windows[w + 3]!) return
    const Zh = Z + left * partialRest[2]! + share * ownRest[row + 2]!
    const Zl = Z + left * partialRest[5]! + share * ownRest[row + 5]!
    if (Zh < windows[w + 2]! || Zl > windows[w + 5]!) return
    if (500 * (sx * Xh - sy * Yl) < windows[w + 6]! || 500 * (sx * Xl - sy * Yh) > windows[w + 7]!) return
    if (200 * (sy * Yh - sz * Zl) < windows[w + 8]! || 200 * (sy * Yl - sz * Zh) > windows[w + 9]!) return
    for (let k = FIRST; k < BANDS; k++) {
      const i = order[k]!
      const q = (before[i]! + n * K[offset + i]!) * scale
      const R = 1 + q - Math.sqrt(q * (q + 2))
      X += weights[i]! * R
      Y += weights[BANDS + i]! * R
      Z += weights[2 * BANDS + i]! * R
    }
    show(n, part, drops + n, X, Y, Z)
  }

  function extend(size: number, from: number, drops: number, divisor: number, scatter: number, based: number): void {
    if (size === products - 1) return finish(from, drops, divisor, scatter, based)
    const before = sums[size]!
    const sum = sums[size + 1]!
    const room = maxDrops - (products - size - 1)
    for (let at = from; at < count; at++) {
      over ||= due?.() ?? false
      if (over) return
      const part = light[at]!
      let allowed = true
      for (let k = 0; k < size; k++)
        if (mixable[parts[k]! * count + part] === 0) {
          allowed = false
          break
        }
      if (!allowed) continue
      parts[size] = part
      look()
      for (let n = 1; drops + n <= room; n++) {
        counts[size] = n
        for (let i = 0; i < BANDS; i++) sum[i] = before[i]! + n * K[part * BANDS + i]!
        extend(
          size + 1,
          at + 1,
          drops + n,
          greatestCommonDivisor(divisor, n),
          scatter + n * S[part]!,
          based | base[part]!,
        )
      }
    }
  }
  extend(0, 0, 0, 0, 0, 0)
  return !over
}

function greatestCommonDivisor(a: number, b: number): number {
  while (b !== 0) {
    const rest = a % b
    a = b
    b = rest
  }
  return a
}
