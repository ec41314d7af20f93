import type { Measure } from './things'

/* How full a vessel is by its weight: gross less empty. A ml of what is in it weighs about a gram. */

/** Grams of what is in it when full. */
const fullG = ({ size, measure }: { size: number; measure: Measure }): number | null =>
  measure === 'ml' || measure === 'g' ? size : null

export type Weighed = { level: number } | { problem: string }

// Caps, labels and what a pack weighs more than most.
const ALLOWANCE = 0.12
const LEAST_ALLOWED_G = 3

/**
 * @param grossG as the scale says
 * @param emptyG of the vessel alone
 */
export function levelByWeight(of: { size: number; measure: Measure }, grossG: number, emptyG: number): Weighed {
  const full = fullG(of)
  if (full === null) return { problem: 'it is counted, not weighed' }
  const inside = grossG - emptyG
  const slack = Math.max(LEAST_ALLOWED_G, ALLOWANCE * (full + emptyG))
  if (inside < -slack) return { problem: 'it weighs less than its empty vessel: is that the right weight?' }
  if (inside > full + slack) return { problem: 'it weighs more than a full one: is it the right vessel, and tared?' }
  return { level: Math.min(1, Math.max(0, inside / full)) }
}

/** Readings of a scale that came to rest: the last three within a tenth of a gram of one another, in grams; else null. */
export function steady(readings: readonly number[]): number | null {
  const last = readings.slice(-3)
  if (last.length < 3 || Math.max(...last) - Math.min(...last) > 0.1 + 1e-9) return null
  return last.reduce((sum, r) => sum + r, 0) / last.length
}

export const GRAMS_OF = { g: 1, oz: 28.349523 } as const
export type ScaleUnit = keyof typeof GRAMS_OF
