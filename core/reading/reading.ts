import type { Lab } from '../colour/lab'

/** Upper triangle of a 3 × 3 covariance in Lab: LL, La, Lb, aa, ab, bb. */
export type Covariance = readonly [number, number, number, number, number, number]

/** Where a colour is believed to lie: a mean and how far the truth may stray from it. */
export interface Reading {
  mean: Lab
  covariance: Covariance
}

/** Independent spreads (standard deviations) on each axis. */
export const spherical = (sdL: number, sda: number, sdb: number): Covariance => [sdL ** 2, 0, 0, sda ** 2, 0, sdb ** 2]

/** Standard deviations along L*, a* and b*. */
export const spread = ([LL, , , aa, , bb]: Covariance) => ({ L: Math.sqrt(LL), a: Math.sqrt(aa), b: Math.sqrt(bb) })

/** Mean and covariance of weighted colours. The weights need not add up to 1. */
export function summarise(colours: readonly Lab[], weights: ArrayLike<number>): Reading {
  let w = 0,
    L = 0,
    a = 0,
    b = 0
  colours.forEach((c, i) => {
    const v = weights[i]!
    w += v
    L += v * c.L
    a += v * c.a
    b += v * c.b
  })
  const mean = { L: L / w, a: a / w, b: b / w }
  const sums = [0, 0, 0, 0, 0, 0]
  colours.forEach((c, i) => {
    const v = weights[i]! / w
    const d = [c.L - mean.L, c.a - mean.a, c.b - mean.b] as const
    sums[0]! += v * d[0] * d[0]
    sums[1]! += v * d[0] * d[1]
    sums[2]! += v * d[0] * d[2]
    sums[3]! += v * d[1] * d[1]
    sums[4]! += v * d[1] * d[2]
    sums[5]! += v * d[2] * d[2]
  })
  return { mean, covariance: sums as unknown as Covariance }
}

/** Lower Cholesky factor of a covariance, row by row; a vanishing axis gives a zero column. */
export function cholesky([LL, La, Lb, aa, ab, bb]: Covariance): readonly [
  number,
  number,
  number,
  number,
  number,
  number,
] {
  const l11 = Math.sqrt(Math.max(0, LL))
  const l21 = l11 > 0 ? La / l11 : 0
  const l31 = l11 > 0 ? Lb / l11 : 0
  const l22 = Math.sqrt(Math.max(0, aa - l21 ** 2))
  const l32 = l22 > 0 ? (ab - l21 * l31) / l22 : 0
  return [l11, l21, l22, l31, l32, Math.sqrt(Math.max(0, bb - l31 ** 2 - l32 ** 2))]
}
