import { difference } from '../colour/difference'
import type { Lab } from '../colour/lab'
import { normalCloud } from './quasiRandom'
import { cholesky, type Reading } from './reading'

const CLOUD = normalCloud(512)

/** How likely a colour is to lie within `tolerance` ΔE00 of a skin known only as a reading: 0–1. */
export function likelihood(colour: Lab, { mean, covariance }: Reading, tolerance: number): number {
  const [l11, l21, l22, l31, l32, l33] = cholesky(covariance)
  let within = 0
  for (const [x, y, z] of CLOUD) {
    const skin = { L: mean.L + l11 * x, a: mean.a + l21 * x + l22 * y, b: mean.b + l31 * x + l32 * y + l33 * z }
    if (difference(colour, skin) <= tolerance) within++
  }
  return within / CLOUD.length
}

/** The chance in words; the limits are the artist's "nearly always", "more often than not" and "sometimes". */
export function chanceInWords(chance: number): string {
  if (chance >= 0.9) return 'almost certain'
  if (chance >= 0.7) return 'likely'
  return chance >= 0.4 ? 'even chance' : 'doubtful'
}
