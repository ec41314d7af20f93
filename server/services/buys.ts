import { and, desc, eq, inArray, isNull, isNotNull, sql } from 'drizzle-orm'
import type { Catalogue, CatalogueOffer, Purchase, PurchaseInput, PurchaseLine } from '#shared/records/buys'
import type { OwnedProduct } from '#shared/records/kit'
import { traitsFor } from '#core/stock/usual'
import { db, write, type Transaction } from '../db/connection'
import { labOf, offers, products, purchaseLines, purchases, suppliers } from '../db/schema'
import { SIMULATED_OFFERS, SIMULATED_SUPPLIERS } from '../devices/simulatedSuppliers'
import { BadInput, Conflict, Missing } from '../utils/problems'
import { newId, now } from './clock'
import { recordOf } from './kit'
import { faceNames, withNames, type NameOf } from './namesInReasons'
import { sound } from './sound'

const offerOf = ({ L, a, b, ...row }: typeof offers.$inferSelect): CatalogueOffer => ({
  ...row,
  lab: labOf({ L, a, b }),
  traits: traitsFor(row.kind, row.traits),
})

export async function catalogue(): Promise<Catalogue> {
  return {
    suppliers: await sound('supplier', await db.select().from(suppliers).orderBy(suppliers.name)),
    offers: (await sound('offer', await db.select().from(offers).orderBy(offers.id))).map(offerOf),
  }
}

/** Lets the simulated suppliers offer what they have; what a database already holds stays as it is. */
export async function stockSimulatedSuppliers(): Promise<void> {
  await write(async tx => {
    await tx
      .insert(suppliers)
      .values([...SIMULATED_SUPPLIERS])
      .onConflictDoNothing()
    await tx
      .insert(offers)
      .values(SIMULATED_OFFERS.map(({ lab, ...offer }) => ({ ...offer, ...labOf(lab) })))
      .onConflictDoNothing()
  })
}

type Joined = { purchase_lines: typeof purchaseLines.$inferSelect; offers: typeof offers.$inferSelect }

const lineOf = ({ purchase_lines: line, offers: offer }: Joined, named: NameOf): PurchaseLine => ({
  id: line.id,
  offer: offerOf(offer),
  reason: withNames(line.reason, named),
  priceMinor: line.priceMinor,
  receivedAt: line.receivedAt,
  productId: line.productId,
})

/** Lines whose own row and offer can both be used. */
async function soundLines(lines: readonly Joined[]): Promise<Joined[]> {
  const rows = new Set(
    (
      await sound(
        'line',
        lines.map(l => l.purchase_lines),
      )
    ).map(l => l.id),
  )
  const sold = new Set(
    (
      await sound(
        'offer',
        lines.map(l => l.offers),
      )
    ).map(o => o.id),
  )
  return lines.filter(l => rows.has(l.purchase_lines.id) && sold.has(l.offers.id))
}

const joined = (from: Pick<typeof db, 'select'>) =>
  from.select().from(purchaseLines).innerJoin(offers, eq(purchaseLines.offerId, offers.id))

export async function allPurchases(from: Pick<typeof db, 'select'> = db): Promise<Purchase[]> {
  const rows = await sound(
    'purchase',
    await from
      .select()
      .from(purchases)
      .orderBy(desc(sql`rowid`)),
  )
  const lines = await soundLines(await joined(from).where(isNull(purchaseLines.deletedAt)).orderBy(purchaseLines.id))
  const named = await faceNames(
    from,
    lines.map(l => l.purchase_lines.reason),
  )
  return rows
    .map(row => ({
      ...row,
      lines: lines.filter(l => l.purchase_lines.purchaseId === row.id).map(l => lineOf(l, named)),
    }))
    .filter(purchase => purchase.lines.length > 0)
}

/** Turns a plan into a purchase list; prices are those of the offers at this moment. */
export function accept({ lines, budgetMinor }: PurchaseInput): Promise<Purchase> {
  return write(async tx => {
    const found = await tx
      .select()
      .from(offers)
      .where(
        inArray(
          offers.id,
          lines.map(l => l.offerId),
        ),
      )
    const lost = lines.flatMap((l, i) =>
      found.some(o => o.id === l.offerId) ? [] : [{ path: `lines[${i}].offerId`, message: 'is no longer offered' }],
    )
    if (lost.length > 0) throw new BadInput(lost)
    const id = newId()
    await tx.insert(purchases).values({ id, createdAt: now(), budgetMinor })
    await tx.insert(purchaseLines).values(
      lines.map(l => ({
        id: newId(),
        purchaseId: id,
        offerId: l.offerId,
        reason: l.reason,
        priceMinor: found.find(o => o.id === l.offerId)!.priceMinor,
      })),
    )
    return (await allPurchases(tx)).find(p => p.id === id)!
  })
}

const told = async (tx: Transaction, row: Joined) => lineOf(row, await faceNames(tx, [row.purchase_lines.reason]))

async function lineRow(tx: Transaction, id: string): Promise<Joined> {
  const [row] = await tx
    .select()
    .from(purchaseLines)
    .innerJoin(offers, eq(purchaseLines.offerId, offers.id))
    .where(and(eq(purchaseLines.id, id), isNull(purchaseLines.deletedAt)))
  if (!row || (await soundLines([row])).length === 0) throw new Missing('This line')
  return row
}

/** The parcel is here: the offer becomes a full bottle in the kit. */
export function receive(lineId: string): Promise<{ line: PurchaseLine; product: OwnedProduct }> {
  return write(async tx => {
    const row = await lineRow(tx, lineId)
    if (row.purchase_lines.receivedAt) throw new Conflict('This is in the kit already: reload the page.')
    const { supplierId: _supplier, id: _offer, priceMinor: _listed, ...columns } = row.offers
    const [product] = await tx
      .insert(products)
      .values({
        ...columns,
        id: newId(),
        createdAt: now(),
        level: 1,
        priceMinor: row.purchase_lines.priceMinor,
        notes: '',
      })
      .returning()
    const received = { receivedAt: now(), productId: product!.id }
    await tx.update(purchaseLines).set(received).where(eq(purchaseLines.id, lineId))
    return { line: { ...(await told(tx, row)), ...received }, product: recordOf(product!) }
  })
}

/** Undo of {@link receive}: the bottle leaves the kit again. */
export function unreceive(lineId: string): Promise<PurchaseLine> {
  return write(async tx => {
    const row = await lineRow(tx, lineId)
    const { productId } = row.purchase_lines
    if (!productId) throw new Conflict('This has not been received: reload the page.')
    await tx.update(products).set({ deletedAt: now() }).where(eq(products.id, productId))
    await tx.update(purchaseLines).set({ receivedAt: null, productId: null }).where(eq(purchaseLines.id, lineId))
    return { ...(await told(tx, row)), receivedAt: null, productId: null }
  })
}

export function setLineDeleted(lineId: string, deleted: boolean): Promise<{ id: string }> {
  return write(async tx => {
    const changed = await tx
      .update(purchaseLines)
      .set({ deletedAt: deleted ? now() : null })
      .where(
        and(
          eq(purchaseLines.id, lineId),
          deleted ? isNull(purchaseLines.deletedAt) : isNotNull(purchaseLines.deletedAt),
        ),
      )
      .returning({ id: purchaseLines.id })
    if (changed.length === 0) throw new Missing('This line')
    return { id: lineId }
  })
}
