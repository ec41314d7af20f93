import { meanCoverage } from '../complexion/formula'
import { hideOf, type ComplexionProduct, type Coverage } from '../complexion/product'
import type { Drops } from '../complexion/recipe'
import type { Zone } from '../suitability/face'

/** Liquid foundation for a full face, millilitres, by coverage. */
export const FACE_ML: Readonly<Record<Coverage, number>> = { sheer: 0.5, light: 0.65, medium: 0.8, full: 1.1 }
/** Body make-up for one limb, millilitres. */
export const LIMB_ML = 3
/** One drop from a dropper, millilitres. */
export const DROP_ML = 0.04

export interface FaceAmount {
  /** How many times the recipe's drops are counted out. */
  batches: number
  parts: { id: string; drops: number; ml: number }[]
  totalMl: number
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

/** Whole batches of a recipe that are enough for one face. */
export function amountForFace(drops: readonly Drops[], faceMl: number, dropMl: number): FaceAmount {
  const perBatch = drops.reduce((s, d) => s + d.count, 0)
  // The tolerance keeps 0.8 / 0.04 at 20 drops, not 21.
  const batches = Math.max(1, Math.ceil(faceMl / dropMl / perBatch - 1e-9))
  const parts = drops.map(d => ({ id: d.id, drops: d.count * batches, ml: d.count * batches * dropMl }))
  return { batches, parts, totalMl: perBatch * batches * dropMl }
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
