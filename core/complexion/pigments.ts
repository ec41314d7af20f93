import { difference } from '../colour/difference'
import { pigmentOf, scattering, type Pigment } from '../colour/kubelkaMunk'
import type { Lab } from '../colour/lab'
import { reflectanceToLab } from '../colour/lab'
import { smoothestReflectance } from '../colour/spectrum'
import { BANDS } from '../colour/tables'
import { mayMix, type MixingRules } from './mixable'
import { hideOf, type ComplexionProduct } from './product'

/** A set of products made ready for mixing: everything the hot loops read, in flat arrays. */
export interface Pigments {
  readonly products: readonly ComplexionProduct[]
  readonly count: number
  /** count × 36, row per product. */
  readonly K: Float64Array
  /** count. */
  readonly S: Float64Array
  /** count × count, 1 where two products may share a recipe. */
  readonly mixable: Uint8Array
  /** count, 1 where the product can be the base of a recipe. */
  readonly base: Uint8Array
}

// A sample of exactly 0 would absorb without end.
const DARKEST = 1e-6

// Every match and every plan asks for the same bottles again, and solving for a spectrum takes longer than all else about one.
const SPECTRA_KEPT = 4000
const spectra = new Map<string, Float64Array>()

/** The masstone spectrum of a product: measured where there is one, else the smoothest with its colour. Not to be written to. */
export function masstone({ reflectance, lab }: Pick<ComplexionProduct, 'reflectance' | 'lab'>): Float64Array {
  const drawn = (R: Float64Array) => R.map(r => Math.max(DARKEST, r))
  if (reflectance) return drawn(Float64Array.from(reflectance))
  const key = `${lab.L} ${lab.a} ${lab.b}`
  const known = spectra.get(key)
  if (known) return known
  if (spectra.size >= SPECTRA_KEPT) spectra.clear()
  const solved = drawn(smoothestReflectance(lab))
  spectra.set(key, solved)
  return solved
}

/** K and S of one product, with the strength that measured mixes have shown. */
export function pigmentFor(product: ComplexionProduct): Pigment {
  const R = masstone(product)
  const L = product.reflectance ? reflectanceToLab(R).L : product.lab.L
  return pigmentOf(R, scattering(hideOf(product), L) * (product.strength ?? 1))
}

/**
 * Packs products for {@link sweep}.
 * @throws ImpossibleColour for a colour no surface can have, RangeError for a reflectance that is not 36 samples in 0–1
 */
export function packPigments(products: readonly ComplexionProduct[], rules: MixingRules = {}): Pigments {
  const count = products.length
  const K = new Float64Array(count * BANDS)
  const S = new Float64Array(count)
  const mixable = new Uint8Array(count * count)
  const base = Uint8Array.from(products, p => (p.isBase === false ? 0 : 1))
  products.forEach((product, i) => {
    const pigment = pigmentFor(product)
    K.set(pigment.K, i * BANDS)
    S[i] = pigment.S
    products.forEach((other, j) => {
      mixable[i * count + j] = mayMix(product, other, rules) ? 1 : 0
    })
  })
  return { products, count, K, S, mixable, base }
}

/** The products as one colour each, where a measured reflectance overrides the given Lab. */
export const masstoneLab = (product: ComplexionProduct): Lab =>
  product.reflectance ? reflectanceToLab(masstone(product)) : product.lab

/** Products of the list ordered by how near their masstone is to a colour. */
export function nearestFirst<T extends ComplexionProduct>(products: readonly T[], lab: Lab): T[] {
  const distance = new Map(products.map(p => [p, difference(masstoneLab(p), lab)]))
  return [...products].sort((x, y) => distance.get(x)! - distance.get(y)!)
}
