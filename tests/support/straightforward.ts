import { differenceCiede2000 } from 'culori'
import { kOverS, opaqueReflectance, scattering } from '#core/colour/kubelkaMunk'
import { reflectanceToLab, type Lab } from '#core/colour/lab'
import { smoothestReflectance } from '#core/colour/spectrum'
import { mayMix, type MixingRules } from '#core/complexion/bottles/mixable'
import { hideOf, type ComplexionProduct } from '#core/complexion/bottles/product'

/**
 * The model written down as one would on paper, with objects and an independent difference function:
 * what the fast code is compared with, in tests for equality and in the benchmark for speed.
 */
const ciede2000 = differenceCiede2000()

export const culoriDeltaE = (x: Lab, y: Lab) =>
  ciede2000({ mode: 'lab65', l: x.L, a: x.a, b: x.b }, { mode: 'lab65', l: y.L, a: y.a, b: y.b })

export interface PlainRecipe {
  drops: { id: string; count: number }[]
  lab: Lab
}

interface PlainLimits {
  maxProducts: number
  maxDrops: number
  rules?: MixingRules
}

/** Every allowed recipe in lowest terms, mixed one by one. */
export function everyRecipe(
  products: readonly ComplexionProduct[],
  { maxProducts, maxDrops, rules }: PlainLimits,
): PlainRecipe[] {
  const spectra = products.map(p => {
    const R = Array.from(p.reflectance ?? smoothestReflectance(p.lab))
    const S = scattering(hideOf(p), p.reflectance ? reflectanceToLab(R).L : p.lab.L)
    return { S, K: R.map(r => kOverS(r) * S) }
  })
  const recipes: PlainRecipe[] = []
  for (const set of subsets(
    products.map((_, i) => i),
    maxProducts,
  )) {
    const pairsMix = set.every(i => set.every(j => i === j || mayMix(products[i]!, products[j]!, rules)))
    if (!pairsMix || set.every(i => products[i]!.isBase === false)) continue
    for (const counts of compositions(set.length, maxDrops)) {
      if (counts.reduce(gcd) !== 1) continue
      const S = sum(set.map((i, k) => counts[k]! * spectra[i]!.S))
      const R = spectra[0]!.K.map((_, band) =>
        opaqueReflectance(sum(set.map((i, k) => counts[k]! * spectra[i]!.K[band]!)) / S),
      )
      recipes.push({ drops: set.map((i, k) => ({ id: products[i]!.id, count: counts[k]! })), lab: reflectanceToLab(R) })
    }
  }
  return recipes
}

/** Rank of a recipe as colour.md defines it, written out again. */
export const plainRank = (recipe: PlainRecipe, target: Lab, dE = culoriDeltaE) => {
  const drops = sum(recipe.drops.map(d => d.count))
  return dE(recipe.lab, target) + 0.25 * (recipe.drops.length - 1) + 0.06 * Math.max(0, drops - 3)
}

export function plainReach(
  recipes: readonly PlainRecipe[],
  skins: readonly { lab: Lab; weight: number }[],
  tolerance: number,
): number {
  return sum(
    skins.map(skin => {
      let least = Infinity
      for (const recipe of recipes) least = Math.min(least, culoriDeltaE(recipe.lab, skin.lab))
      return least <= tolerance ? skin.weight : 0
    }),
  )
}

/** All subsets of 1 to `most` members. */
export function subsets<T>(list: readonly T[], most: number): T[][] {
  const all: T[][] = []
  const grow = (set: T[], from: number) => {
    if (set.length > 0) all.push(set)
    if (set.length < most) for (let i = from; i < list.length; i++) grow([...set, list[i]!], i + 1)
  }
  grow([], 0)
  return all
}

function compositions(parts: number, most: number): number[][] {
  if (parts === 0) return [[]]
  return compositions(parts - 1, most - 1).flatMap(rest => {
    const left = most - sum(rest)
    return Array.from({ length: Math.max(0, left) }, (_, i) => [...rest, i + 1])
  })
}

const sum = (list: readonly number[]) => list.reduce((s, v) => s + v, 0)
const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b))
