import type { ScaleUnit } from '#core/stock/things/weigh'
import { GRAMS_OF } from '#core/stock/things/weigh'

/*
 * A stand-in for a pocket scale, shipped with the application and named as simulated wherever it shows. It sways while something is put on it,
 * comes to rest after a few readings, and shows what lies on it less what it was tared with.
 */

const SWAYS = 4
const SWAY_G = 2.5
const REST_G = 0.03

/** Readings one after another of so much lying on it, in the unit it is set to. */
export function weighOn(
  massG: number,
  { unit = 'g', tareG = 0 }: { unit?: ScaleUnit; tareG?: number } = {},
  random: () => number = Math.random,
): number[] {
  const reading = (sway: number) => {
    const grams = massG - tareG + sway * (random() * 2 - 1)
    return Math.round((grams / GRAMS_OF[unit]) * 1000) / 1000
  }
  const swaying = Array.from({ length: SWAYS }, (_, i) => reading(SWAY_G / (i + 1)))
  return [...swaying, reading(REST_G), reading(REST_G), reading(REST_G)]
}
