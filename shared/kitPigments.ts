import type { Lab } from '#core/colour/lab'
import { pairKey, type MixingRules } from '#core/complexion/mixable'
import type { PaletteTest } from '#core/suitability/settings'
import { packPigments, type Pigments } from '#core/complexion/pigments'
import type { ComplexionProduct } from '#core/complexion/product'
import type { Drops } from '#core/complexion/recipe'
import { mixLab } from '#core/complexion/touch'
import type { Kit, OwnedProduct, ProductFields } from './records/kit'

/** A range as the mixing rules know it: two brands may use one range name. */
export const rangeKey = ({ brand, range }: { brand: string; range: string }) =>
  range.trim() ? `${brand} / ${range}` : ''

/** In a kit a range mixes with itself until the artist has told otherwise; what was tried on the palette decides. */
export const kitRules = (apart: Kit['apart'], tests: readonly PaletteTest[] = []): MixingRules => ({
  rangesMix: true,
  apart: new Set(apart.map(rangeKey)),
  tried: new Map(tests.map(t => [pairKey(t.a, t.b), t.result === 'held'])),
})

/** What the colour model needs of an owned or offered product. Adjusters change a base and are none. */
export function complexionOf(
  p: ProductFields & { id: string; priceMinor?: number | null; strength?: number },
): ComplexionProduct {
  return {
    id: p.id,
    lab: { L: p.lab.L, a: p.lab.a, b: p.lab.b },
    coverage: p.coverage,
    strength: p.strength,
    family: p.family,
    range: rangeKey(p),
    pricePerMl: p.priceMinor == null ? undefined : p.priceMinor / p.sizeMl,
    isBase: p.kind !== 'adjuster',
  }
}

/** Whether a product is a base or changes one: what recipes are made of. */
export const isMixed = ({ kind }: Pick<ProductFields, 'kind'>) => kind === 'foundation' || kind === 'adjuster'

/** Whether a bottle can go on a face today as a base or into one. */
export const isUsable = (p: OwnedProduct) => isMixed(p) && p.retiredAt === null && p.level > 0

/** The colour of a mix as its bottles are known now; null when one of them has left the kit. */
export function mixAsKnown(drops: readonly Drops[], byId: ReadonlyMap<string, OwnedProduct>): Lab | null {
  const bottles = drops.flatMap(d => byId.get(d.id) ?? [])
  return bottles.length === drops.length ? mixLab(packPigments(bottles.map(complexionOf)), drops) : null
}

export function usablePigments(products: readonly OwnedProduct[], apart: Kit['apart']): Pigments {
  return packPigments(products.filter(isUsable).map(complexionOf), kitRules(apart))
}
