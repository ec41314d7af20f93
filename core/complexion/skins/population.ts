import { difference } from '../../colour/difference'
import type { Lab } from '../../colour/lab'
import { skinPlace, typicalSkin, UNDERTONES, type Undertone } from './skin'

/** One skin of a population with its share of it; the weights of a population add up to 1. */
export interface Skin {
  id: string
  lab: Lab
  depth: number
  undertone: Undertone
  weight: number
}

/** Depth rows of the reference population: 1, 1.5, … 12. */
export const POPULATION_DEPTHS: readonly number[] = Array.from({ length: 23 }, (_, i) => 1 + i / 2)

/** The reference population: 23 depths × 4 undertones, all counted alike. */
export function everyone(): Skin[] {
  const weight = 1 / (POPULATION_DEPTHS.length * UNDERTONES.length)
  return UNDERTONES.flatMap(undertone =>
    POPULATION_DEPTHS.map(depth => ({
      id: `d${depth}-${undertone}`,
      lab: typicalSkin(depth, undertone),
      depth,
      undertone,
      weight,
    })),
  )
}

// Width of the kernel, ΔE00: how far a face counts for the skins around it. Starting value, ours.
const KERNEL_WIDTH = 4
// The part of its equal share that every skin keeps, so that none counts for nothing. Starting value, ours.
const FLOOR = 0.1

/** The reference population weighted by the artist's own faces, kernel-smoothed. */
export function clientele(faces: readonly { lab: Lab; weight: number }[]): Skin[] {
  const skins = everyone()
  const near = skins.map(skin =>
    faces.reduce(
      (sum, face) => sum + face.weight * Math.exp(-0.5 * (difference(skin.lab, face.lab) / KERNEL_WIDTH) ** 2),
      0,
    ),
  )
  const total = near.reduce((s, v) => s + v, 0)
  if (total === 0) return skins
  return skins.map((skin, i) => ({ ...skin, weight: FLOOR * skin.weight + ((1 - FLOOR) * near[i]!) / total }))
}

/** A population from colours of the caller's own; weights default to 1 and are scaled to add up to 1. */
export function populationOf(skins: readonly { id: string; lab: Lab; weight?: number }[]): Skin[] {
  const total = skins.reduce((sum, skin) => sum + (skin.weight ?? 1), 0)
  return skins.map(({ id, lab, weight = 1 }) => {
    const { depth, undertone } = skinPlace(lab)
    return { id, lab, depth, undertone, weight: total > 0 ? weight / total : 0 }
  })
}
