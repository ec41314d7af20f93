import { and, eq, inArray, isNotNull, isNull } from 'drizzle-orm'
import type { Kit, OwnedProduct, OwnedProductInput, RangeInput, RetireInput } from '#shared/records/kit'
import { traitsFor, type Traits } from '#core/stock/usual'
import { db, write } from '../db/connection'
import { faces, labOf, products, rangesApart } from '../db/schema'
import { Conflict, Missing } from '../utils/problems'
import { newId, now } from './clock'
import { sound } from './sound'

type Row = typeof products.$inferSelect

/** A row as a record; what was never said of it is what its kind usually is. */
export const recordOf = ({ L, a, b, deletedAt: _gone, ...row }: Row): OwnedProduct => ({
  ...row,
  lab: labOf({ L, a, b }),
  traits: traitsFor(row.kind, row.traits),
})

/** What the form says, as columns. */
export function columnsOf(input: OwnedProductInput) {
  const { lab, priceMinor, openedOn, traits, ...rest } = input
  return {
    ...rest,
    ...labOf(lab),
    priceMinor: priceMinor ?? null,
    openedOn: openedOn ?? null,
    traits: (traits ?? {}) satisfies Partial<Traits> as Partial<Traits>,
  }
}

export async function kit(): Promise<Kit> {
  const rows = await db
    .select()
    .from(products)
    .where(and(isNull(products.deletedAt), isNull(products.ownerFaceId)))
    .orderBy(products.createdAt, products.id)
  return { products: (await sound('product', rows)).map(recordOf), apart: await db.select().from(rangesApart) }
}

export function addProduct(input: OwnedProductInput): Promise<OwnedProduct> {
  return write(async tx => {
    const [row] = await tx
      .insert(products)
      .values({ id: newId(), createdAt: now(), ...columnsOf(input) })
      .returning()
    return recordOf(row!)
  })
}

/** What a face brings along: weighed for that face only, no part of the kit. */
export function addOwnProduct(faceId: string, input: OwnedProductInput): Promise<OwnedProduct> {
  return write(async tx => {
    const [face] = await tx
      .select({ id: faces.id })
      .from(faces)
      .where(and(eq(faces.id, faceId), isNull(faces.deletedAt)))
    if (!face) throw new Missing('This face')
    const [row] = await tx
      .insert(products)
      .values({ id: newId(), createdAt: now(), ownerFaceId: faceId, ...columnsOf(input) })
      .returning()
    return recordOf(row!)
  })
}

export function changeProduct(id: string, input: OwnedProductInput): Promise<OwnedProduct> {
  return write(async tx => {
    const [row] = await tx
      .update(products)
      .set(columnsOf(input))
      .where(and(eq(products.id, id), isNull(products.deletedAt)))
      .returning()
    if (!row) throw new Missing('This bottle')
    return recordOf(row)
  })
}

export function removeProduct(id: string): Promise<{ id: string }> {
  return write(async tx => {
    const gone = await tx
      .update(products)
      .set({ deletedAt: now() })
      .where(and(eq(products.id, id), isNull(products.deletedAt)))
      .returning({ id: products.id })
    if (gone.length === 0) throw new Missing('This bottle')
    return { id }
  })
}

export function restoreProduct(id: string): Promise<OwnedProduct> {
  return write(async tx => {
    const [row] = await tx
      .update(products)
      .set({ deletedAt: null })
      .where(and(eq(products.id, id), isNotNull(products.deletedAt)))
      .returning()
    if (!row) throw new Missing('This bottle')
    return (await usable([row]))[0]!
  })
}

/** Rows as records, all or none. */
async function usable(rows: readonly Row[]): Promise<OwnedProduct[]> {
  if ((await sound('product', rows)).length < rows.length)
    throw new Conflict('It cannot be used as it stands: the Bench says what is wrong with it.')
  return rows.map(recordOf)
}

/** Takes bottles out of use, or back into it, all or none. */
export function retire({ ids, retired }: RetireInput): Promise<OwnedProduct[]> {
  return write(async tx => {
    const rows = await tx
      .update(products)
      .set({ retiredAt: retired ? now() : null })
      .where(and(inArray(products.id, ids), isNull(products.deletedAt)))
      .returning()
    if (rows.length < new Set(ids).size) throw new Missing('One of these bottles')
    return usable(rows)
  })
}

export function setRange({ brand, range, mixes }: RangeInput): Promise<{ brand: string; range: string }[]> {
  return write(async tx => {
    if (mixes) await tx.delete(rangesApart).where(and(eq(rangesApart.brand, brand), eq(rangesApart.range, range)))
    else await tx.insert(rangesApart).values({ brand, range }).onConflictDoNothing()
    return tx.select().from(rangesApart)
  })
}
