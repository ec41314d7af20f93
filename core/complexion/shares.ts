import type { MixingRules } from './bottles/mixable'
import { packPigments } from './bottles/pigments'
import type { Skin } from './skins/population'
import type { ComplexionProduct, Family } from './bottles/product'
import { reach, type ReachedSkin } from './reach'
import type { RecipeOptions } from './mixing/recipe'
import type { Undertone } from './skins/skin'

/** How many of how many skins are matched. */
export interface Share {
  matched: number
  total: number
}

/** Matched skins per undertone. */
export function sharesByUndertone(
  skins: readonly Pick<ReachedSkin, 'undertone' | 'nearest'>[],
  tolerance: number,
): Map<Undertone, Share> {
  const shares = new Map<Undertone, Share>()
  for (const { undertone, nearest } of skins) {
    const share = shares.get(undertone) ?? { matched: 0, total: 0 }
    share.total++
    if (nearest && nearest.deltaE <= tolerance) share.matched++
    shares.set(undertone, share)
  }
  return shares
}

/** Matched skins per base family, each family with its own products alone: what one shelf of the kit can do. */
export function sharesByFamily(
  products: readonly ComplexionProduct[],
  rules: MixingRules,
  skins: readonly Skin[],
  options: RecipeOptions,
): Map<Family, Share> {
  return new Map(
    [...new Set(products.map(p => p.family))].map(family => [
      family,
      shareOf(
        products.filter(p => p.family === family),
        rules,
        skins,
        options,
      ),
    ]),
  )
}

function shareOf(
  products: readonly ComplexionProduct[],
  rules: MixingRules,
  skins: readonly Skin[],
  options: RecipeOptions,
  progress?: (done: number) => void,
): Share {
  const matched = reach(packPigments(products, rules), skins, options, progress).skins.filter(
    s => s.nearest && s.nearest.deltaE <= options.tolerance,
  ).length
  return { matched, total: skins.length }
}

/**
 * What parts of a kit can match, one share for each list of product ids; equal parts are computed once.
 * @param progress 0–1 over all parts
 */
export function sharesOfParts(
  products: readonly ComplexionProduct[],
  rules: MixingRules,
  parts: readonly (readonly string[])[],
  skins: readonly Skin[],
  options: RecipeOptions,
  progress?: (done: number) => void,
): Share[] {
  const keys = parts.map(ids => [...ids].sort().join('\n'))
  const different = [...new Set(keys)]
  const shares = new Map(
    different.map((key, k) => {
      const ids = new Set(key.split('\n'))
      return [
        key,
        shareOf(
          products.filter(p => ids.has(p.id)),
          rules,
          skins,
          options,
          done => progress?.((k + done) / different.length),
        ),
      ]
    }),
  )
  return keys.map(key => shares.get(key)!)
}
