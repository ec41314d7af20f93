import type { Lab } from './lab'

const RAD = Math.PI / 180
const POW25_7 = 25 ** 7

/**
 * CIEDE2000 colour difference (kL = kC = kH = 1), on bare numbers so that hot loops allocate nothing.
 * @see ISO/CIE 11664-6:2014; Sharma, Wu & Dalal 2005, "The CIEDE2000 color-difference formula"
 */
export function deltaE(L1: number, a1: number, b1: number, L2: number, a2: number, b2: number): number {
  const meanC = (Math.sqrt(a1 * a1 + b1 * b1) + Math.sqrt(a2 * a2 + b2 * b2)) / 2
  const c7 = pow7(meanC)
  const stretch = 1.5 - 0.5 * Math.sqrt(c7 / (c7 + POW25_7))
  const ap1 = stretch * a1
  const ap2 = stretch * a2
  const C1 = Math.sqrt(ap1 * ap1 + b1 * b1)
  const C2 = Math.sqrt(ap2 * ap2 + b2 * b2)
  const h1 = hueAngle(ap1, b1)
  const h2 = hueAngle(ap2, b2)

  const grey = C1 * C2 === 0
  let dh = 0
  let meanH = h1 + h2
  if (!grey) {
    dh = h2 - h1
    if (dh > 180) dh -= 360
    else if (dh < -180) dh += 360
    if (Math.abs(h1 - h2) > 180) meanH += meanH < 360 ? 360 : -360
    meanH /= 2
  }
  const dL = L2 - L1
  const dC = C2 - C1
  const dH = 2 * Math.sqrt(C1 * C2) * Math.sin((dh * RAD) / 2)

  const meanL = (L1 + L2) / 2 - 50
  const meanCp = (C1 + C2) / 2
  const T =
    1
    - 0.17 * Math.cos((meanH - 30) * RAD)
    + 0.24 * Math.cos(2 * meanH * RAD)
    + 0.32 * Math.cos((3 * meanH + 6) * RAD)
    - 0.2 * Math.cos((4 * meanH - 63) * RAD)
  const SL = 1 + (0.015 * meanL * meanL) / Math.sqrt(20 + meanL * meanL)
  const SC = 1 + 0.045 * meanCp
  const SH = 1 + 0.015 * meanCp * T
  const cp7 = pow7(meanCp)
  const bend = (meanH - 275) / 25
  const RT = -2 * Math.sqrt(cp7 / (cp7 + POW25_7)) * Math.sin(60 * Math.exp(-bend * bend) * RAD)

  const l = dL / SL
  const c = dC / SC
  const h = dH / SH
  return Math.sqrt(Math.max(0, l * l + c * c + h * h + RT * c * h))
}

/**
 * CIEDE2000 between two colours.
 * @see Sharma, Wu, Dalal 2005, "The CIEDE2000 color-difference formula"
 * @example difference({ L: 60, a: 12, b: 20 }, { L: 58, a: 13, b: 21 }) // 1.94
 */
export const difference = (x: Lab, y: Lab): number => deltaE(x.L, x.a, x.b, y.L, y.a, y.b)

function pow7(x: number): number {
  const x2 = x * x
  return x2 * x2 * x2 * x
}

function hueAngle(a: number, b: number): number {
  if (a === 0 && b === 0) return 0
  const h = Math.atan2(b, a) / RAD
  return h < 0 ? h + 360 : h
}

// 1 − |R_T| / 2 at its smallest (Δθ = 30°): the quadratic form in ΔC and ΔH never falls below it.
const MOST_ROTATED = 0.13
// R_T where both hues lie within 0–180° (all skin, almost all foundation): at most 6e-7, taken off for safety.
const HARDLY_ROTATED = 1 - 1e-6

const largestSL = (L: number, distance: number) => {
  const off = Math.min(50, Math.abs(L - 50) + distance / 2)
  return 1 + (0.015 * off * off) / Math.sqrt(20 + off * off)
}

/**
 * A lower bound of ΔE00 for all colours farther than `distance` (plain Euclidean, in Lab) from a colour.
 *
 * Why it holds: with the pair's own G, ΔC′² + ΔH′² = Δa′² + Δb² ≥ Δa² + Δb². Divide by the largest scales a pair that
 * far apart can have: S_L at the mean L* farthest from 50, S_C and S_H ≤ 1 + 0.045·C̄′ with C̄′ ≤ 1.5·(C + distance/2).
 * Both quotients grow with the distance, so the bound at its start holds beyond.
 */
export function leastDeltaE(colour: Lab, distance: number): number {
  const C = Math.sqrt(colour.a * colour.a + colour.b * colour.b)
  const bound = (d: number, rotated: number) =>
    Math.min(d / largestSL(colour.L, d), (d * Math.sqrt(rotated)) / (1 + 0.0675 * (C + d / 2)))
  const leaves = Math.max(0, colour.b)
  return Math.min(bound(distance, HARDLY_ROTATED), bound(Math.max(distance, leaves), MOST_ROTATED))
}

/** Distance in Lab beyond which every colour differs from `colour` by more than `limit` ΔE00. Inverse of {@link leastDeltaE}. */
export function farthest(colour: Lab, limit: number): number {
  let low = 0
  let high = 1
  while (leastDeltaE(colour, high) < limit && high < 1e4) high *= 2
  for (let i = 0; i < 30; i++) {
    const middle = (low + high) / 2
    if (leastDeltaE(colour, middle) < limit) low = middle
    else high = middle
  }
  return high
}

/**
 * Weights of a cheap lower bound near a colour: ΔE00² ≥ perL·ΔL² + perChroma·(Δa² + Δb²) for every colour within
 * `distance` of it. The same reasoning as {@link leastDeltaE}, with G no larger than at the smallest mean chroma there.
 */
export function weightsWithin(colour: Lab, distance: number): { perL: number; perChroma: number } {
  const C = Math.sqrt(colour.a * colour.a + colour.b * colour.b)
  const c7 = pow7(Math.max(0, C - distance / 2))
  const stretch = 1.5 - 0.5 * Math.sqrt(c7 / (c7 + POW25_7))
  const largest = 1 + 0.045 * stretch * (C + distance / 2)
  const rotated = distance <= colour.b ? HARDLY_ROTATED : MOST_ROTATED
  return { perL: 1 / largestSL(colour.L, distance) ** 2, perChroma: rotated / largest ** 2 }
}

/** Where around a colour everything within a ΔE00 limit must lie: inside the ball and inside the flattened ellipsoid. */
export interface Surroundings {
  radius: number
  perL: number
  perChroma: number
  limit: number
}

/** Bounds of the region within `limit` ΔE00 of a colour: see {@link farthest} and {@link weightsWithin}. */
export function surroundings(colour: Lab, limit: number): Surroundings {
  const radius = farthest(colour, limit)
  return { radius, limit, ...weightsWithin(colour, radius) }
}
