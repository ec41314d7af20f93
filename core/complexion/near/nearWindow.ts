import type { Surroundings } from '../../colour/difference'
import { kOverS, opaqueReflectance } from '../../colour/kubelkaMunk'
import type { Lab } from '../../colour/lab'
import { knownReflectance } from '../../colour/spectrum'
import { BANDS, observer, type Illuminant } from '../../colour/tables'

/* Where mixes near one colour lie, as bounds on their tristimulus values: for {@link sweepNear}. */

const EPSILON = 216 / 24389
const KAPPA = 24389 / 27
const CORNER = 6 / 29
/** The root of CIE Lab, of a share of the white. */
export const f = (t: number) => (t > EPSILON ? Math.cbrt(t) : (KAPPA * t + 16) / 116)
const inverse = (u: number) => (u > CORNER ? u * u * u : (116 * u - 16) / KAPPA)
const slope = (t: number) => (t > EPSILON ? 1 / (3 * Math.cbrt(t) ** 2) : KAPPA / 116)
// What a sum of 36 may be off by.
export const ROUNDING = 1e-9
export const LOOSE = 1 + ROUNDING
// A limit of nothing at all has no surroundings.
export const NEAREST = 1e-6

export const AXES = 3
/** Values themselves and on the tangents, three of each. */
export const SUMS = 2 * AXES

/**
 * Where everything within a ΔE00 of the target lies: least x, y, z; most x, y, z; least and most of the opponents
 * 500·(x slope − y slope) and 200·(y slope − z slope).
 */
export const WINDOW = 10
/** In the place of a side: it is no base. */
export const NO_BASE = 1 << WINDOW
export const OUT_OF_REACH = -1
export const ALL = 2 * NO_BASE - 1

/** What is known of the target: its values, and the tangents there. */
export interface Aim {
  target: Lab
  /** Values as shares of the white, and f of them. */
  values: Float64Array
  roots: Float64Array
  slopes: Float64Array
  /** BANDS × AXES: weights as shares of the white, the bands that weigh most first. */
  weights: Float64Array
  /** BANDS × AXES: slope of the tangent, times the weight; and per band what stands at K/S 0. */
  tangents: Float64Array
  offsets: Float64Array
  /** Which band comes where. */
  order: Int32Array
}

export function aimAt(wanted: Lab, target: Lab, illuminant: Illuminant): Aim {
  const { x, y, z, white } = observer(illuminant)
  const weightOf = (i: number) => [x[i]! / white.X, y[i]! / white.Y, z[i]! / white.Z] as const
  const whole = (i: number) => weightOf(i).reduce((sum, w) => sum + w)
  const order = Int32Array.from(Array.from({ length: BANDS }, (_, i) => i).sort((p, q) => whole(q) - whole(p)))
  const fy = (target.L + 16) / 116
  const roots = Float64Array.of(fy + target.a / 500, fy, fy - target.b / 200)
  const values = roots.map(inverse)
  const weights = new Float64Array(BANDS * AXES)
  const tangents = new Float64Array(BANDS * AXES)
  const offsets = new Float64Array(BANDS * AXES)
  const skin = knownReflectance(wanted)
  order.forEach((i, k) => {
    // A tangent of 0 or 1 would be none.
    const R = Math.min(0.9999, Math.max(1e-4, skin[i]!))
    const q = kOverS(R)
    const steep = 1 - (q + 1) / Math.sqrt(q * q + 2 * q)
    weightOf(i).forEach((w, axis) => {
      weights[k * AXES + axis] = w
      tangents[k * AXES + axis] = w * steep
      offsets[k * AXES + axis] = w * (R - steep * q)
    })
  })
  return { target, values, roots, slopes: values.map(slope), weights, tangents, offsets, order }
}

/**
 * Writes where everything within a ΔE00 of the target lies.
 * @param around of this limit or a larger one: what holds there holds within
 */
export function windowInto(
  { values, roots, slopes }: Aim,
  { radius, perL, perChroma }: Surroundings,
  limit: number,
  into: Float64Array,
  at: number,
): void {
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

/**
 * How far within each of the ten sides of a window something lies at most, by its six sums: negative where it surely lies beyond. A mix
 * is a mean of its parts in all of them.
 */
export function marginsInto(
  { slopes }: Aim,
  sums: Float64Array,
  at: number,
  windows: Float64Array,
  w: number,
  into: Float64Array,
): void {
  const x = sums[at]!
  const y = sums[at + 1]!
  const z = sums[at + 2]!
  const tx = sums[at + 3]!
  const ty = sums[at + 4]!
  const tz = sums[at + 5]!
  const sx = slopes[0]!
  const sy = slopes[1]!
  const sz = slopes[2]!
  into[0] = x - windows[w]!
  into[1] = y - windows[w + 1]!
  into[2] = z - windows[w + 2]!
  into[3] = windows[w + 3]! - tx
  into[4] = windows[w + 4]! - ty
  into[5] = windows[w + 5]! - tz
  into[6] = 500 * (sx * x - sy * ty) - windows[w + 6]!
  into[7] = windows[w + 7]! - 500 * (sx * tx - sy * y)
  into[8] = 200 * (sy * y - sz * tz) - windows[w + 8]!
  into[9] = windows[w + 9]! - 200 * (sy * ty - sz * z)
}

/** Beyond which sides of a window something surely lies, one bit for each: what joins it must not lie beyond one of the same. */
export function sidesOf(margins: Float64Array): number {
  let on = 0
  for (let m = 0; m < WINDOW; m++) if (margins[m]! < 0) on |= 1 << m
  return on
}

/** Sums of one K/S curve from one band to another, both as they are ordered. */
export function sumsInto(
  { weights, tangents, offsets }: Aim,
  q: (k: number) => number,
  from: number,
  into: Float64Array,
  at: number,
): void {
  for (let k = from; k < BANDS; k++) {
    const R = opaqueReflectance(q(k))
    for (let axis = 0; axis < AXES; axis++) {
      const w = k * AXES + axis
      into[at + axis]! += weights[w]! * R
      into[at + AXES + axis]! += offsets[w]! + tangents[w]! * q(k)
    }
  }
}
