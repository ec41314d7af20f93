import { BANDS } from './tables'
import type { Pigment } from './kubelkaMunk'

// Optical thickness of a normal layer of a product of S = 1 (medium coverage at L* 75): so that a medium base leaves a dark
// circle visible and a full one about hides it, as artists see it.
const NORMAL = 0.35

/**
 * Reflectance of a film over a ground.
 * @param film K per wavelength and S, dimensionless
 * @param ground reflectance of what lies under it, 36 samples, 0–1
 * @param thickness film thickness relative to a normal layer (1); 0 leaves the ground as it is
 * @throws RangeError if lengths differ or the thickness is negative
 * @see Kubelka 1948, "New contributions to the optics of intensely light-scattering materials"
 */
export function filmOver(film: Pigment, ground: ArrayLike<number>, thickness: number): Float64Array {
  if (ground.length !== BANDS || film.K.length !== BANDS)
    throw new RangeError(`a film and its ground have ${BANDS} samples each`)
  if (!(thickness >= 0)) throw new RangeError(`a film cannot be ${thickness} thick`)
  const t = NORMAL * film.S * thickness
  if (t === 0) return Float64Array.from(ground)
  const R = new Float64Array(BANDS)
  for (let i = 0; i < BANDS; i++) {
    const a = 1 + film.K[i]! / film.S
    const b = Math.sqrt(a * a - 1)
    // b·coth(bt), which tends to 1/t for a film that absorbs nothing.
    const bCoth = b * t < 1e-6 ? 1 / t : b / Math.tanh(b * t)
    const Rg = ground[i]!
    R[i] = (1 - Rg * (a - bCoth)) / (a - Rg + bCoth)
  }
  return R
}
