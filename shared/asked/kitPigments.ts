import type { Lab } from '#core/colour/lab'
import { useByOf } from '#core/stock/things/usual'
import { mixingRules, type MixingFacts, type PaletteTest } from '#core/complexion/bottles/mixable'
import { complexionProduct } from '#core/product/recipeItem'
import { packPigments, type Pigments } from '#core/complexion/bottles/pigments'
import type { ComplexionProduct } from '#core/complexion/bottles/product'
import type { Drops } from '#core/complexion/mixing/recipe'
import { mixLab } from '#core/complexion/mixing/touch'
import { hasColour, type OwnedProduct, type ProductFields, type Shelf, type ShelfProduct } from '../records/kit/kit'

/** A range as the mixing rules know it: two brands may use one range name. */
export const rangeKey = ({ brand, range }: { brand: string; range: string }) =>
  range.trim() ? `${brand} / ${range}` : ''

/** How this kit mixes, from the records: the same for Match, Reach, Plan and Buys. */
export const mixingFacts = (
  apart: Shelf['apart'],
  paletteTests: readonly PaletteTest[],
  { mixing }: Pick<MixingFacts, 'mixing'>,
): MixingFacts => ({ apart: apart.map(rangeKey), paletteTests, mixing })

type Coloured = Pick<ProductFields, 'kind' | 'lab' | 'coverage' | 'family' | 'brand' | 'range'> & {
  id: string
  sizeMl: number
  priceMinor?: number | null
  strength?: number
}

/** What the colour model needs of an owned or offered product. */
export const complexionOf = (p: Coloured): ComplexionProduct =>
  complexionProduct({
    id: p.id,
    kind: p.kind,
    lab: { L: p.lab.L, a: p.lab.a, b: p.lab.b },
    coverage: p.coverage,
    strength: p.strength,
    family: p.family,
    range: rangeKey(p),
    priceMinor: p.priceMinor ?? null,
    size: p.sizeMl,
  })

/** What the colour work needs of a product. */
export function shelfProductOf(p: OwnedProduct): ShelfProduct {
  const { units: _units, inci: _inci, flagFixes: _fixes, traits, notes: _notes, version: _version, ...rest } = p
  return { ...rest, useBy: useByOf(rest.openedOn ?? null, traits.paoMonths, rest.expiresOn ?? null) }
}

/** Whether a product is a base or changes one, its colour or its formula: what recipes are made of. */
export const isMixed = ({ kind }: Pick<ProductFields, 'kind'>) =>
  kind === 'foundation' || kind === 'adjuster' || kind === 'medium'

/** Whether a part of a mix colours it: a medium only thins it or makes it last. */
export const isColoured = ({ kind }: Pick<ProductFields, 'kind'>) => kind !== 'medium'

/** As much of a product as mixing needs to know. */
type Mixed = Omit<ShelfProduct, 'useBy'>

/** Whether a bottle can go on a face today as a base or into one. */
export const isUsable = (p: Mixed) => isMixed(p) && isColoured(p) && hasColour(p) && p.retiredAt === null && p.level > 0

/** The colour of a mix as its bottles are known now; null when one of them has left the kit. */
export function mixAsKnown(drops: readonly Drops[], byId: ReadonlyMap<string, Mixed>): Lab | null {
  const bottles = drops.flatMap(d => byId.get(d.id) ?? [])
  const coloured = bottles.filter(isColoured)
  if (bottles.length < drops.length || coloured.length === 0) return null
  const ids = new Set(coloured.map(b => b.id))
  return mixLab(
    packPigments(coloured.map(complexionOf)),
    drops.filter(d => ids.has(d.id)),
  )
}

/** The bottles of a kit that can be mixed today, ready for mixing. */
export const usablePigments = (products: readonly Mixed[], facts: MixingFacts): Pigments =>
  packPigments(products.filter(isUsable).map(complexionOf), mixingRules(facts))
