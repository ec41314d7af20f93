import { isItemKind, sortOfKind, UNKNOWN_KIND, type OwnedKind } from '#core/stock/things/kinds'
import { typicalSkin } from '#core/complexion/skins/skin'
import { hasColour } from '#shared/records/kit/kit'
import type { ImportedThing } from '#shared/records/kit/imported'
import { gearOfListed, isListedCosmetic, isListedGear, ListedThing, productOfListed } from '#shared/records/kit/listed'
import type { fills, products, units } from '../../db/schema'
import { gearColumns } from '../kit/gear'
import { productColumns } from '../kit/kit'
import { fillColumns } from '../kit/units'

/* What a row of an import says, as columns; and what is left out of a thing that is new, as its kind usually is. */

export type ProductRow = typeof products.$inferSelect
export type UnitRow = typeof units.$inferSelect
export type FillRow = typeof fills.$inferSelect
type Columns<T> = Partial<T>

type Given<T> = { [K in keyof T]?: NonNullable<T[K]> }
/** Without the fields left out; null means not known. */
const said = <T extends object>(of: T): T =>
  Object.fromEntries(Object.entries(of).filter(([, v]) => v !== undefined)) as T
/** Without the fields left out. */
const given = <T extends object>(columns: T): Given<T> =>
  Object.fromEntries(Object.entries(columns).filter(([, v]) => v !== undefined && v !== null)) as Given<T>

/** @param before what the product is so far: a word for a colour never takes the place of one that is known better */
export function productSaid(t: ImportedThing, before: ProductRow | null): Columns<ProductRow> {
  const kind = t.kind ?? before?.kind ?? UNKNOWN_KIND
  const same = given({
    kind: t.kind,
    sort: t.kind && sortOfKind(t.kind),
    brand: t.brand,
    shade: t.name,
    barcode: t.barcode,
  })
  if (!isItemKind(kind))
    return {
      ...same,
      ...given({ shape: kind === 'brush' ? t.shape : undefined, percent: t.percent, porous: t.details?.porous }),
    }
  const { traits, flagFixes, strength } = t.details ?? {}
  return {
    ...same,
    ...given({ range: t.range, coverage: t.coverage, family: t.family, finish: t.finish, inci: t.inci }),
    ...given({ traits: traits && said(traits), flagFixes, strength }),
    ...colourSaid(t, before),
  }
}

function colourSaid(t: ImportedThing, before: ProductRow | null): Columns<ProductRow> {
  if (t.colourSource && !hasColour({ colourSource: t.colourSource }))
    return { L: null, a: null, b: null, colourSource: t.colourSource }
  if (t.lab) return { ...labOf(t.lab), colourSource: t.colourSource ?? 'given colour' }
  const vague = before?.colourSource === 'unknown' || before?.colourSource === 'depth word'
  if (!before || !vague || t.depth === undefined) return {}
  return { ...labOf(typicalSkin(t.depth, t.undertone ?? 'neutral')), colourSource: 'depth word' }
}
const labOf = ({ L, a, b }: { L: number; a: number; b: number }) => ({ L, a, b })

export const unitSaid = (t: ImportedThing, placeId: string | undefined): Columns<UnitRow> =>
  given({
    placeId,
    count: t.count,
    label: t.label,
    role: t.role,
    priceMinor: t.priceMinor,
    notes: t.notes,
    retiredAt: t.retiredAt,
    why: t.why,
    container: t.details?.container,
    createdAt: t.details?.createdAt,
  })

export const fillSaid = (t: ImportedThing): Columns<FillRow> =>
  given({
    size: t.size,
    measure: t.measure,
    level: t.level,
    openedOn: t.openedOn,
    expiresOn: t.expiresOn,
    batch: t.batch,
    position: t.details?.position,
  })

const listedOf = (t: ImportedThing, kind: OwnedKind): ListedThing =>
  Object.assign(new ListedThing(), said({ ...t, kind, count: 1, panNames: [] }))

/** A product that is new, with all its columns. */
export function newProduct(t: ImportedThing): Columns<ProductRow> {
  const listed = listedOf(t, t.kind ?? UNKNOWN_KIND)
  const usual = isListedGear(listed)
    ? gearColumns(gearOfListed(listed))
    : isListedCosmetic(listed)
      ? productColumns(productOfListed(listed))
      : {}
  return { ...usual, ...productSaid(t, null) }
}

/** What is in a unit that is new. */
export function newFill(t: ImportedThing): Columns<FillRow> {
  const listed = listedOf(t, t.kind ?? UNKNOWN_KIND)
  const usual = isListedCosmetic(listed) ? productOfListed(listed) : isListedGear(listed) ? gearOfListed(listed) : null
  return { ...(usual ? fillColumns(listed.kind, usual) : {}), ...fillSaid(t) }
}

/* The defaults of a row of each table. */
export const BLANK_PRODUCT = {
  sort: 'cosmetic',
  flagFixes: {},
  traits: {},
  inci: '',
  strength: 1,
  shape: '',
  porous: null,
  percent: null,
  barcode: null,
  version: 1,
  deletedAt: null,
} as const
export const BLANK_UNIT = {
  count: 1,
  container: '',
  label: '',
  priceMinor: null,
  purchaseLineId: null,
  role: 'workhorse',
  ownerFaceId: null,
  notes: '',
  retiredAt: null,
  why: '',
  version: 1,
  deletedAt: null,
} as const
