import { solveInPlace } from '../colour/solve'

/*
 * How light falls off across a photograph, read off areas that are each of one colour: within one, every change of light is the light's. One
 * slope each way and the fall towards the corners are shared by all of them (Bayesian linear regression on logarithms of light).
 */

interface Lit {
  points: readonly { at: readonly [number, number]; log: number }[]
  /** Of a single point, relative. */
  noise: number
}
export interface LightField {
  /** Logarithm of the light at one place against another, and its standard deviation. */
  between(from: readonly [number, number], to: readonly [number, number]): { log: number; spread: number }
}

const SLOPES = 3
// What light usually does: slopes of a tenth from the middle to a corner either way, and an eighth less in the corners.
const USUAL = [0, 0, -0.12] as const
const USUAL_SPREAD = [0.1, 0.1, 0.12] as const
// Neighbouring parts of a developed picture are not independent of one another.
const ALIKE = 2
// What no slope or fall describes.
const ROUGH = 0.012

const terms = ([x, y]: readonly [number, number]) => [x, y, x * x + y * y]

export function lightOver(areas: readonly Lit[]): LightField {
  const precision = new Float64Array(SLOPES * SLOPES)
  const pull = new Float64Array(SLOPES)
  for (let i = 0; i < SLOPES; i++) {
    precision[i * SLOPES + i] = 1 / USUAL_SPREAD[i]! ** 2
    pull[i] = USUAL[i]! / USUAL_SPREAD[i]! ** 2
  }
  for (const { points, noise } of areas) {
    const count = points.length
    const rows = points.map(p => terms(p.at))
    const mean = Array.from({ length: SLOPES }, (_, i) => rows.reduce((sum, r) => sum + r[i]!, 0) / count)
    const meanLog = points.reduce((sum, p) => sum + p.log, 0) / count
    const weight = 1 / (noise ** 2 * ALIKE)
    for (const [k, row] of rows.entries()) {
      const log = points[k]!.log - meanLog
      for (let i = 0; i < SLOPES; i++) {
        const di = row[i]! - mean[i]!
        pull[i]! += weight * di * log
        for (let j = 0; j < SLOPES; j++) precision[i * SLOPES + j]! += weight * di * (row[j]! - mean[j]!)
      }
    }
  }
  const slopes = Float64Array.from(pull)
  solveInPlace(Float64Array.from(precision), slopes, SLOPES)
  return {
    between(from, to) {
      const [a, b] = [terms(from), terms(to)]
      const step = b.map((v, i) => v - a[i]!)
      const spread = Float64Array.from(step)
      solveInPlace(Float64Array.from(precision), spread, SLOPES)
      const variance = step.reduce((sum, s, i) => sum + s * spread[i]!, 0)
      return {
        log: step.reduce((sum, s, i) => sum + s * slopes[i]!, 0),
        spread: Math.sqrt(variance + ROUGH ** 2),
      }
    },
  }
}
