import { difference } from '../colour/difference'
import type { Lab } from '../colour/lab'
import { summarise, type Covariance, type Reading } from './reading'

/** Readings of one place are expected within this ΔE00 of their mean. */
export const STRAY = 1.5

export interface AveragedReading extends Reading {
  /** Indexes of shots that stray from the mean: worth reading again. */
  stray: number[]
}

/**
 * Mean of repeated shots of one place. The spread of the mean is what the shots show, no smaller than what the
 * instrument can know.
 * @param floor standard deviations of the instrument itself, which averaging does not remove
 * @throws RangeError without a shot
 */
export function averageShots(shots: readonly Lab[], floor: { L: number; a: number; b: number }): AveragedReading {
  if (shots.length === 0) throw new RangeError('an average needs at least one reading')
  const { mean, covariance } = summarise(
    shots,
    shots.map(() => 1),
  )
  const n = shots.length
  // Sample covariance of the mean: n − 1 below, and once more n for averaging.
  const scale = n > 1 ? 1 / (n - 1) : 0
  const own = [floor.L ** 2, 0, 0, floor.a ** 2, 0, floor.b ** 2]
  return {
    mean,
    covariance: covariance.map((v, i) => v * scale + own[i]!) as unknown as Covariance,
    stray: shots.flatMap((s, i) => (difference(s, mean) > STRAY ? [i] : [])),
  }
}
