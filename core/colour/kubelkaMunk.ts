import { BANDS } from './tables'

/** Absorption per wavelength and scattering of a product, Kubelka–Munk two-constant theory. Dimensionless. */
export interface Pigment {
  /** 36 samples, 380–730 nm. */
  readonly K: Float64Array
  /** The same at every wavelength in this model. */
  readonly S: number
}

/** K/S of an opaque layer of reflectance R (0–1). */
export const kOverS = (R: number) => (1 - R) ** 2 / (2 * R)

/** Reflectance of an opaque layer with K/S = q. */
export const opaqueReflectance = (q: number) => 1 + q - Math.sqrt(q * q + 2 * q)

/**
 * Scattering of a product from how well it hides and how light it is.
 * @param hide 1 = medium coverage
 * @param L CIELAB lightness of the masstone
 */
export const scattering = (hide: number, L: number) => hide * (0.4 + (0.6 * L) / 75)

/**
 * K and S of a product from its masstone.
 * @param reflectance 36 samples, each strictly above 0 and at most 1
 * @throws RangeError for a wrong length or a sample outside that range
 */
export function pigmentOf(reflectance: ArrayLike<number>, S: number): Pigment {
  if (reflectance.length !== BANDS)
    throw new RangeError(`a reflectance has ${BANDS} samples, not ${reflectance.length}`)
  const K = new Float64Array(BANDS)
  for (let i = 0; i < BANDS; i++) {
    const R = reflectance[i]!
    if (!(R > 0 && R <= 1)) throw new RangeError(`reflectance sample ${i} is ${R}; it must be above 0 and at most 1`)
    K[i] = kOverS(R) * S
  }
  return { K, S }
}

/**
 * Reflectance of a mix.
 * @param parts pigments with their shares by mass; the shares need not add up to 1
 * @throws RangeError when there is nothing to mix
 * @see Duncan 1940, "The colour of pigment mixtures"
 */
export function mixReflectance(parts: readonly { pigment: Pigment; share: number }[]): Float64Array {
  const K = new Float64Array(BANDS)
  let S = 0
  for (const { pigment, share } of parts) {
    S += share * pigment.S
    for (let i = 0; i < BANDS; i++) K[i]! += share * pigment.K[i]!
  }
  if (!(S > 0)) throw new RangeError('a mix needs at least one product with a share above 0')
  return K.map(k => opaqueReflectance(k / S))
}
