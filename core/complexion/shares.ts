import type { MixingRules } from './mixable'
import { packPigments } from './pigments'
import type { Skin } from './population'
import type { ComplexionProduct, Family } from './product'
import { reach, type ReachedSkin } from './reach'
import type { RecipeOptions } from './recipe'
import type { Undertone } from './skin'

/** How many of how many skins are matched. */
export interface Share { matched: number, total: number }

/** Matched skins per undertone. */
export function sharesByUndertone(skins: readonly Pick<ReachedSkin, 'undertone' | 'nearest'>[], tolerance: number): Map<Undertone, Share> {
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
  products: readonly ComplexionProduct[], rules: MixingRules, skins: readonly Skin[], options: RecipeOptions,
): Map<Family, Share> {
  return new Map([...new Set(products.map(p => p.family))].map((family) => {
    const own = packPigments(products.filter(p => p.family === family), rules)
    const matched = reach(own, skins, options).skins.filter(s => s.nearest && s.nearest.deltaE <= options.tolerance).length
    return [family, { matched, total: skins.length }]
  }))
}
