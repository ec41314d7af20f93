import { difference } from '../colour/difference'
import type { Pigment } from '../colour/kubelkaMunk'
import type { Lab } from '../colour/lab'
import { layered } from './worn'

export const CONCERNS = ['dark circles', 'redness', 'brown marks'] as const
export type Concern = (typeof CONCERNS)[number]

// How far an area of concern usually lies from the skin around it, in L*, a*, b*.
const OFFSET: Readonly<Record<Concern, readonly [number, number, number]>> = {
  'dark circles': [-10, 2, -9],
  'redness': [-5, 12, 0],
  'brown marks': [-10, 2, 1],
}

/** The colour of an area of concern on a skin, until it is read itself. */
export const areaOf = (skin: Lab, concern: Concern): Lab => {
  const [L, a, b] = OFFSET[concern]
  return { L: Math.max(4, skin.L + L), a: skin.a + a, b: skin.b + b }
}

export interface Correction {
  /** Thickness of the corrector relative to a normal layer; 0 when the base alone does it. */
  thickness: number
  /** ΔE00 between the corrected area and its surroundings, base on both. */
  left: number
  enough: boolean
}

const ENOUGH = 2
const STEPS = [0, 0.1, 0.2, 0.3, 0.45, 0.6, 0.8, 1, 1.3]

/**
 * The least corrector under a base that brings an area within 2 ΔE00 of the skin around it; where none does, the amount
 * that comes nearest.
 */
export function leastCorrection(
  corrector: Pigment,
  base: Pigment,
  skin: Lab,
  area: Lab,
  baseThickness = 1,
): Correction {
  const cover = { film: base, thickness: baseThickness }
  const around = layered(skin, [cover])
  let nearest: Correction | undefined
  for (const thickness of STEPS) {
    const left = difference(layered(area, [{ film: corrector, thickness }, cover]), around)
    if (left <= ENOUGH) return { thickness, left, enough: true }
    if (!nearest || left < nearest.left) nearest = { thickness, left, enough: false }
  }
  return nearest!
}
