import { difference } from '../../colour/difference'
import { filmOver } from '../../colour/film'
import { mixReflectance, type Pigment } from '../../colour/kubelkaMunk'
import { reflectanceToLab, type Lab } from '../../colour/lab'
import { knownReflectance } from '../../colour/spectrum'
import { BANDS, observer, type Illuminant } from '../../colour/tables'
import { pigmentFor } from '../bottles/pigments'
import type { ComplexionProduct } from '../bottles/product'
import type { Drops } from './recipe'

/** How a tool lays a film down: thickness relative to a normal layer. */
export const TECHNIQUES = {
  'mist-damp sponge': 0.6,
  'sprayed': 0.7,
  'brush': 1,
  'pressed by hand': 1.3,
  'built up': 2,
} as const
export type Technique = keyof typeof TECHNIQUES

/**
 * K and S of a mix in drops; K and S are linear in the shares.
 * @throws RangeError for a drop of a product that is not given, or no drops
 */
export function pigmentOfDrops(drops: readonly Drops[], products: readonly ComplexionProduct[]): Pigment {
  const total = drops.reduce((sum, d) => sum + d.count, 0)
  if (!(total > 0)) throw new RangeError('a film needs at least one drop')
  const K = new Float64Array(BANDS)
  let S = 0
  for (const { id, count } of drops) {
    const product = products.find(p => p.id === id)
    if (!product) throw new RangeError(`there is no product "${id}" to mix`)
    const pigment = pigmentFor(product)
    const share = count / total
    S += share * pigment.S
    for (let i = 0; i < BANDS; i++) K[i]! += share * pigment.K[i]!
  }
  return { K, S }
}

export interface Worn {
  /** Colour of the opaque mix. */
  masstone: Lab
  /** Colour of the film over the bare face. */
  worn: Lab
  /** ΔE00 of the mix against the colour wanted. */
  deltaEBottle: number
  /** ΔE00 of what is worn against the colour wanted. */
  deltaEWorn: number
}

/**
 * What a mix looks like in the bottle and on the skin, seen under one light.
 * @param face bare skin where the film lies, D65
 * @param target colour it has to agree with, usually jaw, neck or chest, D65
 * @throws ImpossibleColour for a colour no surface can have
 */
export function wornMatch(film: Pigment, face: Lab, target: Lab, thickness = 1, illuminant: Illuminant = 'D65'): Worn {
  const light = observer(illuminant)
  const seen = reflectanceToLab(knownReflectance(target), light)
  const masstoneLab = reflectanceToLab(mixReflectance([{ pigment: film, share: 1 }]), light)
  const worn = reflectanceToLab(filmOver(film, knownReflectance(face), thickness), light)
  return {
    masstone: masstoneLab,
    worn,
    deltaEBottle: difference(masstoneLab, seen),
    deltaEWorn: difference(worn, seen),
  }
}

/** ΔE00 by which a match made in daylight drifts under another light; above 1 is worth a warning. */
export function driftUnder(film: Pigment, face: Lab, target: Lab, thickness: number, illuminant: Illuminant): number {
  return (
    wornMatch(film, face, target, thickness, illuminant).deltaEWorn
    - wornMatch(film, face, target, thickness).deltaEWorn
  )
}

/** What a film does to the skin it is laid on. */
export interface Cast {
  lab: Lab
  deltaE: number
  lighter: number
  greyer: number
}

/** How a layer that should not show (clear powder, mattifier, sunscreen) changes the colour under it. */
export function castOf(film: Pigment, skin: Lab, thickness = 1): Cast {
  const lab = reflectanceToLab(filmOver(film, knownReflectance(skin), thickness))
  return {
    lab,
    deltaE: difference(lab, skin),
    lighter: lab.L - skin.L,
    greyer: Math.hypot(skin.a, skin.b) - Math.hypot(lab.a, lab.b),
  }
}

/** Film over film: the colour of layers from the skin outward. */
export function layered(
  skin: Lab,
  layers: readonly { film: Pigment; thickness: number }[],
  illuminant: Illuminant = 'D65',
): Lab {
  let R = knownReflectance(skin)
  for (const { film, thickness } of layers) R = filmOver(film, R, thickness)
  return reflectanceToLab(R, observer(illuminant))
}
