import { difference } from '../../colour/difference'
import { pigmentOf, scattering, type Pigment } from '../../colour/kubelkaMunk'
import type { Lab } from '../../colour/lab'
import { reflectanceToLab } from '../../colour/lab'
import { knownReflectance } from '../../colour/spectrum'
import { BANDS } from '../../colour/tables'
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

/** The masstone spectrum of a product: measured where there is one, else the smoothest with its colour. */
const masstone = ({ reflectance, lab }: Pick<ComplexionProduct, 'reflectance' | 'lab'>): Float64Array =>
  (reflectance ? Float64Array.from(reflectance) : knownReflectance(lab)).map(r => Math.max(DARKEST, r))

// A product is never changed once it is made, and every plan asks for the same ones again.
const pigments = new WeakMap<ComplexionProduct, Pigment>()

/** K and S of one product, with the strength that measured mixes have shown. */
export function pigmentFor(product: ComplexionProduct): Pigment {
  const known = pigments.get(product)
  if (known) return known
  const R = masstone(product)
  const L = product.reflectance ? reflectanceToLab(R).L : product.lab.L
  const made = pigmentOf(R, scattering(hideOf(product), L) * (product.strength ?? 1))
  pigments.set(product, made)
  return made
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
  // Whether two mix depends on family and range alone, and hundreds of bottles are of a few of these.
  const kinds = new Map<string, { kind: number; product: ComplexionProduct }>()
  const kindOf = products.map(product => {
    const key = `${product.family}\n${product.range ?? ''}`
    const known = kinds.get(key) ?? { kind: kinds.size, product }
    kinds.set(key, known)
    return known.kind
  })
  const all = [...kinds.values()]
  const mixes = all.map(x => Uint8Array.from(all, y => (mayMix(x.product, y.product, rules) ? 1 : 0)))
  products.forEach((product, i) => {
    const pigment = pigmentFor(product)
    K.set(pigment.K, i * BANDS)
    S[i] = pigment.S
    const mixesWith = mixes[kindOf[i]!]!
    for (let j = 0; j < count; j++) mixable[i * count + j] = mixesWith[kindOf[j]!]!
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
