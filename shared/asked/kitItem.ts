import { remembered } from '#core/remembered'
import type { IngredientFlag } from '#core/ingredients/flags'
import { readIngredients, type IngredientReading } from '#core/ingredients/ingredients'
import type { KitItem } from '#core/product/item'
import { useByOf } from '#core/stock/things/usual'
import { rangeKey } from './kitPigments'
import type { CatalogueOffer } from '../records/kit/buys'
import { hasColour, type OwnedProduct, type ProductFields } from '../records/kit/kit'

// Every plan asks for the same ingredient lists, and reading one is slow.
const LISTS_KEPT = 2000
const readList = remembered(LISTS_KEPT, (inci: string) => inci, readIngredients)

/** What a list says, null when there is none; the same text is read once. */
const readOnce = (inci: string): IngredientReading | null => (inci.trim() ? readList(inci) : null)

/** What the list says, with what the artist put right by hand on top. */
export function flagsOf(
  { inci, flagFixes }: Pick<ProductFields, 'inci' | 'flagFixes'>,
  read: IngredientReading | null = readOnce(inci),
): IngredientFlag[] {
  const listed = read?.flags.map(f => f.flag).filter(flag => flagFixes[flag] !== false) ?? []
  const added = (Object.entries(flagFixes) as [IngredientFlag, boolean][]).filter(([, on]) => on).map(([flag]) => flag)
  return [...new Set([...listed, ...added])]
}

type Weighable = Pick<
  OwnedProduct,
  | keyof ProductFields
  | 'id'
  | 'sizeMl'
  | 'strength'
  | 'traits'
  | 'level'
  | 'priceMinor'
  | 'openedOn'
  | 'expiresOn'
  | 'ownerFaceId'
>

/** What a supplier sells as the rules weigh it: full and unopened. */
export const itemOfOffer = (offer: CatalogueOffer): KitItem =>
  itemOf({ ...offer, strength: 1, level: 1, openedOn: null, expiresOn: null, ownerFaceId: null })

/** An owned product as the rules weigh it. */
export function itemOf(p: Weighable): KitItem {
  const read = readOnce(p.inci)
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
    lab: hasColour(p) ? { L: p.lab.L, a: p.lab.a, b: p.lab.b } : null,
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
    isOpen: (p.openedOn ?? null) !== null,
    useBy: useByOf(p.openedOn ?? null, paoMonths, p.expiresOn ?? null),
    own: p.ownerFaceId !== null,
  }
}
