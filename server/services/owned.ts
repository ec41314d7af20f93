import { and, asc, eq, inArray, isNotNull, isNull, sql } from 'drizzle-orm'
import { CLEAR_LAB } from '#core/product/item'
import { useOrder } from '#core/stock/fills'
import { traitsFor } from '#core/stock/usual'
import type { OwnedProduct, OwnedUnit } from '#shared/records/kit'
import { db } from '../db/connection'
import { fills, products, units } from '../db/schema'
import { Missing } from '../utils/problems'
import { sound } from './sound'

/* What is owned, read: products with the units that hold them. */

type ProductRow = typeof products.$inferSelect
type UnitRow = typeof units.$inferSelect
type FillRow = typeof fills.$inferSelect
type Reader = Pick<typeof db, 'select'>

/** A product's colour: what has none of its own is near white. */
export const colourOf = ({ L, a, b }: Pick<ProductRow, 'L' | 'a' | 'b'>) =>
  L === null || a === null || b === null ? { ...CLEAR_LAB } : { L, a, b }

/** What describes a product, of a row; what was never said of it is what its kind usually is. */
export function fieldsOf({ L, a, b, deletedAt: _gone, version: _version, createdAt: _made, ...row }: ProductRow) {
  return { ...row, lab: colourOf({ L, a, b }), traits: traitsFor(row.kind, row.traits) }
}

/** A unit, or a pan of one, with what is in it. */
export function unitOf(unit: UnitRow, fill: FillRow, palette: string | null): OwnedUnit {
  const { id, placeId, role, label, priceMinor, notes, retiredAt, createdAt } = unit
  const { size, measure, level, openedOn } = fill
  return {
    id,
    fillId: fill.id,
    placeId,
    role,
    label,
    inside: palette,
    size,
    measure,
    level,
    openedOn,
    priceMinor,
    notes,
    retiredAt,
    createdAt,
    version: unit.version + fill.version,
  }
}

/** A product as one owns it, its units in the order they are used. */
export function ownedOf(product: ProductRow, held: readonly OwnedUnit[], ownerFaceId: string | null): OwnedProduct {
  const inOrder = useOrder(held)
  const first = inOrder[0]!
  return {
    ...fieldsOf(product),
    sizeMl: first.size,
    level: first.level,
    priceMinor: first.priceMinor,
    openedOn: first.openedOn,
    notes: first.notes,
    retiredAt: first.retiredAt,
    createdAt: [...held].map(u => u.createdAt).sort()[0]!,
    ownerFaceId,
    units: inOrder,
    version: product.version + held.reduce((sum, u) => sum + u.version, 0),
  }
}

const entered = (x: OwnedProduct, y: OwnedProduct) =>
  x.createdAt < y.createdAt ? -1 : x.createdAt > y.createdAt ? 1 : x.id < y.id ? -1 : 1

/** Products with the units that pass, all of them usable, in the order they were entered. */
async function owned(from: Reader, ...where: Parameters<typeof and>): Promise<OwnedProduct[]> {
  const rows = await from
    .select({ unit: units, fill: fills, product: products })
    .from(units)
    .innerJoin(fills, eq(fills.unitId, units.id))
    .innerJoin(products, eq(fills.productId, products.id))
    .where(and(isNull(units.deletedAt), isNull(products.deletedAt), ...where))
    .orderBy(asc(units.createdAt), asc(units.id), asc(fills.position))
  const parts = [
    await soundOnes('unit', rows, r => r.unit),
    await soundOnes('fill', rows, r => r.fill),
    await soundOnes('product', rows, r => r.product),
  ].map(list => new Set(list))
  const usable = rows.filter(row => parts.every(list => list.has(row)))
  const palettes = await paletteNames(from, usable)
  const byProduct = new Map<string, { product: ProductRow; held: OwnedUnit[]; owner: string | null }>()
  for (const { unit, fill, product } of usable) {
    // What two people bring is two things, whatever it is.
    const key = `${product.id} ${unit.ownerFaceId ?? ''}`
    const known = byProduct.get(key) ?? { product, held: [], owner: unit.ownerFaceId }
    known.held.push(unitOf(unit, fill, palettes.get(unit.productId) ?? null))
    byProduct.set(key, known)
  }
  return [...byProduct.values()].map(p => ownedOf(p.product, p.held, p.owner)).sort(entered)
}

async function soundOnes<T, R extends { id: string }>(
  sort: 'unit' | 'fill' | 'product',
  rows: readonly T[],
  part: (row: T) => R,
): Promise<T[]> {
  const once = [...new Map(rows.map(r => [part(r).id, part(r)])).values()]
  const good = new Set((await sound(sort, once)).map(r => r.id))
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

const ofTheKit = isNull(units.ownerFaceId)

/** Everything of the kit, retired or not. */
export const kitProducts = (from: Reader = db): Promise<OwnedProduct[]> => owned(from, ofTheKit)

/** What is brought by these people, by face. */
export async function broughtBy(from: Reader, faceIds: readonly string[]): Promise<Map<string, OwnedProduct[]>> {
  const all =
    faceIds.length === 0
      ? []
      : await owned(from, isNotNull(units.ownerFaceId), inArray(units.ownerFaceId, [...faceIds]))
  const byFace = new Map<string, OwnedProduct[]>()
  for (const p of all) byFace.set(p.ownerFaceId!, [...(byFace.get(p.ownerFaceId!) ?? []), p])
  return byFace
}

/** What may be used on one face: the kit, and what they bring, but for what is retired. */
export const usableOn = (faceId: string): Promise<OwnedProduct[]> =>
  owned(db, isNull(units.retiredAt), sql`(${units.ownerFaceId} IS NULL OR ${units.ownerFaceId} = ${faceId})`)

/** Owned products by id, of the kit or brought. @throws Missing where one is not owned */
export async function ownedById(from: Reader, ids: readonly string[], what = 'This bottle'): Promise<OwnedProduct[]> {
  const found = ids.length === 0 ? [] : await owned(from, inArray(fills.productId, [...ids]))
  if (ids.some(id => !found.some(p => p.id === id))) throw new Missing(what)
  return ids.map(id => found.find(p => p.id === id)!)
}
