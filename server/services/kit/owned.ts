import { and, asc, count, eq, inArray, isNull, sql } from 'drizzle-orm'
import { CLEAR_LAB, type ItemKind } from '#core/product/item'
import { useOrder } from '#core/stock/things/fills'
import type { GearKind } from '#core/stock/things/kinds'
import type { ProductSort } from '#core/stock/things/things'
import { traitsFor } from '#core/stock/things/usual'
import type { UsableProduct } from '#shared/asked/planQuestion'
import { isCosmetic, type OwnedGear, type OwnedThing } from '#shared/records/kit/gear'
import type { OwnedProduct, OwnedUnit } from '#shared/records/kit/kit'
import { db, isFile, onWritten } from '../../db/connection'
import { fills, products, units } from '../../db/schema'
import { Missing } from '../../base/problems'
import { validRows } from '../record/validRows'

/* Reads what is owned: products with the units that hold them. */

type ProductRow = typeof products.$inferSelect
/** A row that has what its sort needs: see {@link validRows}. */
export type CosmeticRow = ProductRow & { kind: ItemKind }
export type GearRow = ProductRow & { kind: GearKind; sort: Exclude<ProductSort, 'cosmetic'> }
export const isCosmeticRow = (row: CosmeticRow | GearRow): row is CosmeticRow => row.sort === 'cosmetic'
type UnitRow = typeof units.$inferSelect
type FillRow = typeof fills.$inferSelect
type Reader = Pick<typeof db, 'select'>

/** A product's colour; near white where it has none of its own. */
export const colourOf = ({ L, a, b }: Pick<ProductRow, 'L' | 'a' | 'b'>) =>
  L === null || a === null || b === null ? { ...CLEAR_LAB } : { L, a, b }

/** The description of a product from its row; missing fields are as usual for its kind. */
export function fieldsOf(cosmetic: CosmeticRow) {
  const { L, a, b, deletedAt: _gone, version: _version, createdAt: _made, ...rest } = cosmetic
  const { shape: _shape, porous: _porous, percent: _percent, ...row } = rest
  return { ...row, sort: 'cosmetic' as const, lab: colourOf({ L, a, b }), traits: traitsFor(row.kind, row.traits) }
}

/** What describes a tool or a supply, of a row. */
export const gearFieldsOf = ({ id, sort, kind, brand, shade, shape, porous, percent, barcode }: GearRow) => ({
  id,
  sort,
  kind,
  brand,
  shade,
  shape,
  porous,
  percent,
  barcode,
})

/** The palette that a pan lies in, with how many others, and when its colour was entered. */
interface PanOf {
  palette: string
  pans: number
  enteredAt: string
}

/** A unit, or a pan of one, with what is in it. */
export function unitOf(unit: UnitRow, fill: FillRow, pan: PanOf | null = null): OwnedUnit {
  const { id, placeId, count, role, label, container, priceMinor, notes, retiredAt, createdAt } = unit
  const { size, measure, level, openedOn, expiresOn } = fill
  return {
    id,
    fillId: fill.id,
    placeId,
    count,
    role,
    label,
    container,
    inside: pan?.palette ?? null,
    position: fill.position,
    size,
    measure,
    level,
    openedOn,
    expiresOn,
    packMinor: priceMinor,
    // A pan cost its share of the palette.
    priceMinor: priceMinor === null ? null : Math.round(priceMinor / (pan?.pans ?? 1)),
    notes,
    retiredAt,
    createdAt: pan?.enteredAt ?? createdAt,
    version: unit.version + fill.version,
  }
}

/** A product as one owns it, its units in the order they are used. */
export const ownedOf = (
  product: CosmeticRow,
  held: readonly OwnedUnit[],
  ownerFaceId: string | null,
): OwnedProduct => ({
  ...heldBy(fieldsOf(product), held),
  ownerFaceId,
  version: versionOf(product, held),
})

function gearOf(product: GearRow, held: readonly OwnedUnit[], ownerFaceId: string | null): OwnedGear {
  const gear = heldBy(gearFieldsOf(product), held)
  return { ...gear, count: gear.units[0]!.count, ownerFaceId, version: versionOf(product, held) }
}

const versionOf = (product: ProductRow, held: readonly OwnedUnit[]) =>
  product.version + held.reduce((sum, u) => sum + u.version, 0)

/** A product with what its units say of it; the unit used first speaks for all. */
function heldBy<T extends object>(product: T, held: readonly OwnedUnit[]) {
  const units = useOrder(held)
  const first = units[0]!
  return {
    ...product,
    sizeMl: first.size,
    measure: first.measure,
    level: first.level,
    priceMinor: first.priceMinor,
    openedOn: first.openedOn,
    expiresOn: first.expiresOn,
    notes: first.notes,
    retiredAt: first.retiredAt,
    createdAt: held.map(u => u.createdAt).sort()[0]!,
    units,
  }
}

const entered = (x: OwnedThing, y: OwnedThing) =>
  x.createdAt < y.createdAt ? -1 : x.createdAt > y.createdAt ? 1 : x.id < y.id ? -1 : 1

/** Products with the units that pass, all of them usable, in the order they were entered. */
async function owned(from: Reader, ...where: Parameters<typeof and>): Promise<OwnedThing[]> {
  const rows = await rowsOf(from, ...where)
  const parts = [
    await onlyValid('unit', rows, r => r.unit),
    await onlyValid('fill', rows, r => r.fill),
    [
      ...(await onlyValid('product', rows.filter(isOfCosmetic), r => r.product)),
      ...(await onlyValid(
        'gear',
        rows.filter(r => !isOfCosmetic(r)),
        r => r.product,
      )),
    ],
  ].map(list => new Set(list))
  const usable = rows.filter(row => parts.every(list => list.has(row)))
  const palettes = await paletteNames(from, usable)
  const pans = await pansOf(from, usable)
  const byProduct = new Map<string, { product: ProductRow; held: OwnedUnit[]; owner: string | null }>()
  for (const { unit, fill, product } of usable) {
    // The same product brought by two people is two things.
    const key = `${product.id} ${unit.ownerFaceId ?? ''}`
    const known = byProduct.get(key) ?? { product, held: [], owner: unit.ownerFaceId }
    const palette = palettes.get(unit.productId)
    const pan = palette ? { palette, pans: pans.get(unit.id) ?? 1, enteredAt: product.createdAt } : null
    known.held.push(unitOf(unit, fill, pan))
    byProduct.set(key, known)
  }
  return [...byProduct.values()]
    .map(({ product, held, owner }) =>
      product.sort === 'cosmetic'
        ? ownedOf(product as CosmeticRow, held, owner)
        : gearOf(product as GearRow, held, owner),
    )
    .sort(entered)
}

/** Units with their contents and products, read in small batches: a large kit in one read would hold up everybody else. */
async function rowsOf(from: Reader, ...where: Parameters<typeof and>) {
  const found: { unit: UnitRow; fill: FillRow; product: ProductRow }[] = []
  const inOrder = [asc(units.createdAt), asc(units.id)]
  let last: Pick<UnitRow, 'createdAt' | 'id'> | undefined
  for (;;) {
    const beyond = last && sql`(${units.createdAt}, ${units.id}) > (${last.createdAt}, ${last.id})`
    const some = await from
      .select({ id: units.id, createdAt: units.createdAt })
      .from(units)
      .innerJoin(fills, eq(fills.unitId, units.id))
      .where(and(isNull(units.deletedAt), beyond, ...where))
      .groupBy(units.createdAt, units.id)
      .orderBy(...inOrder)
      .limit(AT_ONCE)
    const ids = some.map(u => u.id)
    if (ids.length > 0)
      found.push(
        ...(await from
          .select({ unit: units, fill: fills, product: products })
          .from(units)
          .innerJoin(fills, eq(fills.unitId, units.id))
          .innerJoin(products, eq(fills.productId, products.id))
          .where(and(inArray(units.id, ids), isNull(products.deletedAt), ...where))
          .orderBy(...inOrder, asc(fills.position))),
      )
    if (some.length < AT_ONCE) return found
    last = some.at(-1)
  }
}
const AT_ONCE = 150

const isOfCosmetic = ({ product }: { product: ProductRow }) => product.sort === 'cosmetic'

async function onlyValid<T, R extends { id: string }>(
  sort: 'unit' | 'fill' | 'product' | 'gear',
  rows: readonly T[],
  part: (row: T) => R,
): Promise<T[]> {
  const once = [...new Map(rows.map(r => [part(r).id, part(r)])).values()]
  const good = new Set((await validRows(sort, once)).map(r => r.id))
  return rows.filter(r => good.has(part(r).id))
}

/** Names of palettes, by their id, for the pans among these. */
async function paletteNames(from: Reader, rows: readonly { unit: UnitRow; fill: FillRow }[]) {
  const ids = [...new Set(rows.filter(r => r.unit.productId !== r.fill.productId).map(r => r.unit.productId))]
  if (ids.length === 0) return new Map<string, string>()
  const found = await from
    .select({ id: products.id, shade: products.shade })
    .from(products)
    .where(inArray(products.id, ids))
  return new Map(found.map(p => [p.id, p.shade]))
}

/** How many pans the palettes among these have. */
async function pansOf(from: Reader, rows: readonly { unit: UnitRow; fill: FillRow }[]) {
  const ids = [...new Set(rows.filter(r => r.unit.productId !== r.fill.productId).map(r => r.unit.id))]
  if (ids.length === 0) return new Map<string, number>()
  const found = await from
    .select({ id: fills.unitId, pans: count() })
    .from(fills)
    .where(inArray(fills.unitId, ids))
    .groupBy(fills.unitId)
  return new Map(found.map(f => [f.id, f.pans]))
}

/*
 * A kit of many years has ten thousand bottles, every plan and every list asks for all of them, and little changes in between. So they
 * are kept in memory, and only those that an act touched are read again. On a server that others may write to nothing is kept.
 */

let known: Map<string, OwnedThing[]> | null = null
let inOrder: Everything | null = null
/** Everything owned, and the part that goes on faces: both in the order of entry. */
interface Everything {
  things: readonly OwnedThing[]
  cosmetics: readonly OwnedProduct[]
}
const everythingOf = (things: readonly OwnedThing[]): Everything => ({ things, cosmetics: things.filter(isCosmetic) })
let stale = new Set<string>()
let reading: Promise<void> | null = null
onWritten(touched => {
  if (touched === null) known = null
  else for (const id of touched.products) stale.add(id)
  if (touched?.products.size !== 0) inOrder = null
})

const MANY_STALE = 1000
async function readAnew(): Promise<void> {
  // Where much of it is stale, reading all of it is quicker than looking for each.
  if (stale.size > MANY_STALE) known = null
  // A write during this read marks its ids as stale again, or everything.
  const ids = [...stale]
  stale = new Set()
  const before = known
  const next = before ?? new Map<string, OwnedThing[]>()
  known = next
  try {
    const found = before ? await owned(db, inArray(fills.productId, ids)) : await owned(db)
    for (const id of ids) next.delete(id)
    for (const p of found) next.set(p.id, [...(next.get(p.id) ?? []), p])
  } catch (problem) {
    known = null
    throw problem
  }
}

/** Everything owned, of the kit or brought. Not to be written to. */
async function everythingOwned(): Promise<Everything> {
  if (!isFile()) return everythingOf(await owned(db))
  while (reading || known === null || stale.size > 0) {
    reading ??= readAnew().finally(() => {
      reading = null
    })
    await reading
  }
  inOrder ??= everythingOf([...known.values()].flat().sort(entered))
  return inOrder
}
const allOwned = async () => (await everythingOwned()).cosmetics

const ofKit = new WeakMap<object, readonly OwnedThing[]>()
/** Every thing of the kit, tools and supplies among them, retired or not: the same list until something of it changes. Not to be written to. */
export async function kitThings(): Promise<readonly OwnedThing[]> {
  const all = (await everythingOwned()).things
  const known = ofKit.get(all) ?? all.filter(p => p.ownerFaceId === null)
  ofKit.set(all, known)
  return known
}

/** Everything of the kit that goes on faces, retired or not. Not to be written to. */
export const kitProducts = async (): Promise<readonly OwnedProduct[]> =>
  (await allOwned()).filter(p => p.ownerFaceId === null)

/** What is brought by these people, by face; `from` a transaction, as it is there. */
export async function broughtBy(from: Reader, faceIds: readonly string[]): Promise<Map<string, OwnedProduct[]>> {
  const brought =
    from === db
      ? (await allOwned()).filter(p => p.ownerFaceId !== null && faceIds.includes(p.ownerFaceId))
      : faceIds.length > 0
        ? (await owned(from, inArray(units.ownerFaceId, [...faceIds]))).filter(isCosmetic)
        : []
  const byFace = new Map<string, OwnedProduct[]>()
  for (const p of brought) byFace.set(p.ownerFaceId!, [...(byFace.get(p.ownerFaceId!) ?? []), p])
  return byFace
}

/** What of these is in use, with the units that are. */
const inUse = (owned: readonly OwnedProduct[]): UsableProduct[] =>
  owned.flatMap(p => {
    const units = p.units.filter(u => u.retiredAt === null)
    if (units.length === 0) return []
    const { units: _units, ...usable } = units.length === p.units.length ? p : heldBy(p, units)
    return usable
  })

const usable = new WeakMap<readonly OwnedProduct[], readonly UsableProduct[]>()
/** What of the kit may be used on anybody: the same list until something of what is owned changes. Not to be written to. */
export async function usableKit(): Promise<readonly UsableProduct[]> {
  const all = await allOwned()
  const known = usable.get(all) ?? inUse(all.filter(p => p.ownerFaceId === null))
  usable.set(all, known)
  return known
}

/** What somebody brings and may be used on them alone. */
export const usableBrought = async (faceId: string): Promise<UsableProduct[]> =>
  inUse((await allOwned()).filter(p => p.ownerFaceId === faceId))

/** Those of these things that are owned, of the kit or brought, as they are in the database. */
export const thingsAmong = async (from: Reader, ids: readonly string[]): Promise<OwnedThing[]> =>
  ids.length === 0 ? [] : owned(from, inArray(fills.productId, [...ids]))

/** Owned things by id, of the kit or brought. @throws Missing where one is not owned */
export async function thingsById(from: Reader, ids: readonly string[], what = 'This thing'): Promise<OwnedThing[]> {
  const found = new Map((await thingsAmong(from, ids)).map(p => [p.id, p]))
  return ids.map(id => {
    const thing = found.get(id)
    if (!thing) throw new Missing(what)
    return thing
  })
}

/** Those of these that go on faces. */
export const ownedAmong = async (from: Reader, ids: readonly string[]): Promise<OwnedProduct[]> =>
  (await thingsAmong(from, ids)).filter(isCosmetic)

/** Owned products by id, of the kit or brought. @throws Missing where one is not owned, or goes on no face */
export async function ownedById(from: Reader, ids: readonly string[], what = 'This bottle'): Promise<OwnedProduct[]> {
  const found = await thingsById(from, ids, what)
  if (!found.every(isCosmetic)) throw new Missing(what)
  return found
}
