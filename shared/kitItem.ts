import { readIngredients, type IngredientFlag, type IngredientReading } from '#core/suitability/ingredients/ingredients'
import type { KitItem } from '#core/suitability/item'
import { useByOf } from '#core/stock/usual'
import { rangeKey } from './kitPigments'
import type { CatalogueOffer } from './records/buys'
import type { OwnedProduct, ProductFields } from './records/kit'

/** What the list says, with what the artist put right by hand on top. */
export function flagsOf(
  { inci, flagFixes }: Pick<ProductFields, 'inci' | 'flagFixes'>,
  read: IngredientReading | null = inci.trim() ? readIngredients(inci) : null,
): IngredientFlag[] {
  const listed = read?.flags.map(f => f.flag).filter(flag => flagFixes[flag] !== false) ?? []
  const added = (Object.entries(flagFixes) as [IngredientFlag, boolean][]).filter(([, on]) => on).map(([flag]) => flag)
  return [...new Set([...listed, ...added])]
}

type Weighable = Pick<
  OwnedProduct,
  keyof ProductFields | 'id' | 'strength' | 'traits' | 'level' | 'priceMinor' | 'openedOn' | 'ownerFaceId'
>

/** What a supplier sells as the rules weigh it: full and unopened. */
export const itemOfOffer = (offer: CatalogueOffer): KitItem =>
  itemOf({ ...offer, strength: 1, level: 1, openedOn: null, ownerFaceId: null })

/** An owned product as the rules weigh it. */
export function itemOf(p: Weighable): KitItem {
  const read = p.inci.trim() ? readIngredients(p.inci) : null
  const {
    alsoFor,
    buildable,
    texture,
    wearHours,
    resists,
    spf,
    filter,
    sparkle,
    dispenser,
    claims,
    safeFor,
    seenByClients,
    paoMonths,
  } = p.traits
  return {
    id: p.id,
    name: p.shade,
    kind: p.kind,
    alsoFor,
    range: rangeKey(p),
    family: p.family,
    finish: p.finish,
    coverage: p.coverage,
    strength: p.strength,
    buildable,
    lab: p.colourSource === 'clear' ? null : { L: p.lab.L, a: p.lab.a, b: p.lab.b },
    texture,
    wearHours,
    resists,
    spf: spf ?? read?.spf ?? null,
    filter,
    sparkle,
    dispenser,
    claims,
    ingredients: read ? [...read.ingredients, ...read.mayContain] : null,
    flags: flagsOf(p, read),
    safeFor,
    seenByClients,
    level: p.level,
    size: p.sizeMl,
    priceMinor: p.priceMinor ?? null,
    useBy: useByOf(p.openedOn ?? null, paoMonths),
    own: p.ownerFaceId !== null,
  }
}
