import { meanCoverage } from '../../complexion/bottles/formula'
import { hideOf, type ComplexionProduct, type Coverage } from '../../complexion/bottles/product'
import type { Drops } from '../../complexion/mixing/recipe'
import type { Zone } from '../../asked/face'

/** Liquid foundation for a full face, millilitres, by coverage. */
export const FACE_ML: Readonly<Record<Coverage, number>> = { sheer: 0.5, light: 0.65, medium: 0.8, full: 1.1 }
/** One drop from a dropper, millilitres. */
export const DROP_ML = 0.04

/** A recipe counted out: in drops, half drops where they keep it smaller. */
export interface CountedOut {
  parts: { id: string; drops: number; ml: number }[]
  totalMl: number
  /** How much more than was wanted. */
  overMl: number
  /** ΔE00 by which rounding to half drops moves the colour. */
  shift: number
}

/** Coverage of a mix in drops. */
export function blendedCoverage(
  drops: readonly Drops[],
  products: readonly Pick<ComplexionProduct, 'id' | 'coverage' | 'hide'>[],
): Coverage {
  return meanCoverage(
    drops.map(({ id, count }) => {
      const product = products.find(p => p.id === id)
      if (!product) throw new RangeError(`there is no product "${id}" in this kit`)
      return { hide: hideOf(product), share: count }
    }),
  )
}

const HALF = 0.5
// Rounding that moves the colour no further than this is not seen.
const UNSEEN_SHIFT = 0.3
// The tolerance keeps 0.8 / 0.04 at 20 drops, not 21.
const SAME = 1e-9

/**
 * The fewest drops of a recipe that are enough, halves split: as many as keep its colour, or whole times the recipe.
 * @param shiftOf ΔE00 between the recipe and its drops as rounded
 */
export function countOut(
  recipe: readonly Drops[],
  wantedMl: number,
  dropMl: number,
  shiftOf: (rounded: readonly Drops[]) => number,
): CountedOut {
  const once = recipe.reduce((sum, d) => sum + d.count, 0)
  const wanted = wantedMl / dropMl
  const times = Math.max(1, Math.ceil(wanted / once - SAME))
  const counted = (drops: readonly Drops[], shift: number): CountedOut => {
    const total = drops.reduce((sum, d) => sum + d.count, 0)
    return {
      parts: drops.map(d => ({ id: d.id, drops: d.count, ml: d.count * dropMl })),
      totalMl: total * dropMl,
      overMl: Math.max(0, total * dropMl - wantedMl),
      shift,
    }
  }
  const least = Math.max(once * HALF, Math.ceil(wanted / HALF - SAME) * HALF)
  for (let total = least; total < times * once; total += HALF) {
    const drops = rounded(recipe, total, once)
    const shift = shiftOf(drops)
    if (shift <= UNSEEN_SHIFT) return counted(drops, shift)
  }
  return counted(
    recipe.map(d => ({ ...d, count: d.count * times })),
    0,
  )
}

/** The recipe at a total in half drops, the largest remainders rounded up; of every bottle at least half a drop. */
function rounded(recipe: readonly Drops[], total: number, once: number): Drops[] {
  const halves = recipe.map(d => (d.count * total) / once / HALF)
  const counts = halves.map(h => Math.max(1, Math.floor(h + SAME)))
  let left = Math.round(total / HALF) - counts.reduce((sum, c) => sum + c, 0)
  const byRemainder = halves.map((h, i) => ({ i, rest: h - Math.floor(h + SAME) })).sort((x, y) => y.rest - x.rest)
  for (const { i } of byRemainder) if (left-- > 0) counts[i]!++
  return recipe.map((d, i) => ({ id: d.id, count: counts[i]! * HALF }))
}

/** Share of the face that each zone is, of all that a base covers. */
const ZONE_SHARE: Readonly<Record<Zone, number>> = {
  'forehead': 0.22,
  'nose': 0.08,
  'cheeks': 0.34,
  'chin': 0.1,
  'hairline': 0.08,
  'eye area': 0.08,
  'lips': 0.04,
  'neck': 0.1,
}
const LEAST_SHARE = 0.05

/** How much of a whole face some zones are. */
export const shareOfFace = (zones: readonly Zone[]): number =>
  Math.min(
    1,
    Math.max(
      LEAST_SHARE,
      zones.reduce((sum, zone) => sum + ZONE_SHARE[zone], 0),
    ),
  )
