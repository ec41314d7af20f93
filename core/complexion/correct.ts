import { difference } from '../colour/difference'
import type { Pigment } from '../colour/kubelkaMunk'
import type { Lab } from '../colour/lab'
import { nearestPossible } from '../colour/possible'
import { layered } from './mixing/worn'

export const CONCERNS = ['dark circles', 'redness', 'brown marks'] as const
export type Concern = (typeof CONCERNS)[number]

// How far an area of concern usually lies from the skin around it, in L*, a*, b*.
const OFFSET: Readonly<Record<Concern, readonly [number, number, number]>> = {
  'dark circles': [-10, 2, -9],
  'redness': [-3, 8, -1],
  'brown marks': [-7, 1, -3],
}

/** The colour of an area of concern on a skin, until it is read itself. */
export const areaOf = (skin: Lab, concern: Concern): Lab => {
  const [L, a, b] = OFFSET[concern]
  return nearestPossible({ L: Math.max(4, skin.L + L), a: skin.a + a, b: skin.b + b })
}

interface Film {
  film: Pigment
  thickness: number
}

/** What is left to be seen of an area, ΔE00 between it and the skin around: `under` lies on the area alone, `over` on both. */
export const leftOver = (skin: Lab, area: Lab, under: readonly Film[], over: readonly Film[]): number =>
  difference(layered(area, [...under, ...over]), layered(skin, over))

/** Left this much, nobody sees it. */
export const UNSEEN = 2

export interface Correction {
  /** Thickness of the corrector relative to a normal layer; 0 where it makes nothing better. */
  thickness: number
  /** ΔE00 that is left with it. */
  left: number
}

const STEP = 0.02
const COARSE = 5
const MOST = 75

/**
 * The amount of a corrector that leaves least of an area to be seen, in steps of 0.02 of a normal layer. A film comes nearer and then
 * goes past, so that only the surroundings of the best of every fifth step are looked at closely.
 * @param over what goes over it and over the skin around: the base, a concealer
 */
export function bestCorrection(corrector: Pigment, skin: Lab, area: Lab, over: readonly Film[]): Correction {
  const around = layered(skin, over)
  const leftAt = (step: number) =>
    difference(layered(area, [{ film: corrector, thickness: step * STEP }, ...over]), around)
  let best = { step: 0, left: leftAt(0) }
  const look = (step: number) => {
    const left = leftAt(step)
    if (left < best.left - 1e-9) best = { step, left }
  }
  for (let step = COARSE; step <= MOST; step += COARSE) look(step)
  const near = best.step
  for (let step = Math.max(1, near - COARSE + 1); step < Math.min(MOST, near + COARSE); step++) look(step)
  return { thickness: best.step * STEP, left: best.left }
}

// So little more left to be seen is no reason for a thicker layer.
const AS_GOOD = 0.3

/** The corrector to take: the one that leaves least, and among equals the one that is needed least. */
export function bestCorrector<T extends Correction>(corrections: readonly T[]): T | undefined {
  const least = Math.min(...corrections.map(c => c.left))
  return corrections
    .filter(c => c.left <= least + AS_GOOD)
    .reduce<T | undefined>((x, y) => (x && x.thickness <= y.thickness ? x : y), undefined)
}
