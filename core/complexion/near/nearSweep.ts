import type { Lab } from '../../colour/lab'
import type { Due } from '../../due'
import { NearSearch } from './nearSearch'
import { laidOut } from './nearShelf'
import type { Pigments } from '../bottles/pigments'
import type { NearLimits, SweepState } from '../mixing/sweep'

/*
 * Recipes of exactly so many products near one colour, without mixing all the others.
 *
 * A mix is a mean of its parts' K/S, and reflectance is a convex function of K/S. So each tristimulus value of a mix is at most the mean
 * of its parts' own (the chord), and at least the mean of their values on the tangent to that function at any point: taken at the colour
 * wanted, where it is tight. Both means cost a few products, not 36 square roots. What they let through is mixed at the bands that weigh
 * most, with the means for the rest, and what still may be near is mixed in full: first the partial recipe before the last product, then with
 * it. The chord is close where its ends are: so products are taken farthest from the colour first, and the last one joined lies near it.
 */

/**
 * Shows every recipe of exactly so many products and drops that may lie within a ΔE00 of a colour, each once in lowest terms; others may be
 * shown as well, and many are not.
 * @param wanted the colour under D65, `target` the same under the light of the limits
 * @param limitFor the ΔE00 that is still of use for a recipe of so many drops; asked now and then, and it may only fall
 * @param visit gets the recipe with its parts as indexes into the pigments, ascending; the state is reused
 * @returns false when the time was over before all were tried
 */
export function sweepNear(
  pigments: Pigments,
  limits: NearLimits,
  wanted: Lab,
  target: Lab,
  limitFor: (drops: number) => number,
  visit: (state: SweepState) => void,
  due?: Due,
): boolean {
  if (pigments.count < limits.products || limits.maxDrops < limits.products) return true
  const { aim, shelf } = laidOut(pigments, wanted, target, limits.illuminant)
  return new NearSearch(limits, aim, shelf, pigments.count, target, limitFor, visit, due).run()
}
