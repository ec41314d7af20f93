import { and, asc, desc, eq, inArray, isNull, sql } from 'drizzle-orm'
import {
  isCosmeticOffer,
  type AnyOffer,
  type Catalogue,
  type GearOffer,
  type Purchase,
  type PurchaseInput,
  type PurchaseLine,
} from '#shared/records/kit/buys'
import { isToolKind } from '#core/stock/things/kinds'
import type { OwnedThing } from '#shared/records/kit/gear'
import { measureOf } from '#core/stock/things/usual'
import { db, write, type Transaction } from '../../db/connection'
import { offers, products, purchaseLines, purchases, suppliers, units } from '../../db/schema'
import { SIMULATED_GEAR } from '../../devices/simulatedGear'
import { SIMULATED_OFFERS, SIMULATED_SUPPLIERS } from '../../devices/simulatedSuppliers'
import { allThere, Conflict, Missing } from '../../base/problems'
import { newId, now } from '../record/clock'
import { command, type Act } from '../record/command'
import { gearColumns } from '../kit/gear'
import { productColumns } from '../kit/kit'
import { addUnitOf, thingNow } from '../kit/units'
import { fieldsOf, gearFieldsOf, isCosmeticRow, type CosmeticRow, type GearRow } from '../kit/owned'
import { faceNames, withNames, type NameOf } from '../record/namesInReasons'
import { validRows } from '../record/validRows'
import { untilWritten } from '../record/untilWritten'

type Reader = Pick<typeof db, 'select'>
interface Offered {
  offer: typeof offers.$inferSelect
  product: typeof products.$inferSelect
}
/** Offers whose rows are valid. */
type SoundOffer = Offered & { product: CosmeticRow | GearRow }

function offerOf({ offer, product }: SoundOffer): AnyOffer {
  const { id, supplierId, size, measure, priceMinor, inStock } = offer
  const asked = { id, supplierId, productId: product.id, sizeMl: size, priceMinor, inStock }
  if (!isCosmeticRow(product)) {
    const { sort: _sort, id: _id, ...fields } = gearFieldsOf(product)
    return { ...fields, ...asked, measure }
  }
  const { sort: _sort, strength: _strength, id: _id, ...fields } = fieldsOf(product)
  return { ...fields, ...asked }
}

/** Offers whose own row and product can both be used. */
async function soundOffers<T extends Offered>(rows: readonly T[]): Promise<(T & SoundOffer)[]> {
  const ids = async (sort: 'offer' | 'product' | 'gear', list: readonly { id: string }[]) =>
    new Set((await validRows(sort, list)).map(r => r.id))
  const good = await ids(
    'offer',
    rows.map(r => r.offer),
  )
  const worn = rows.map(r => r.product).filter(p => p.sort === 'cosmetic')
  const gear = rows.map(r => r.product).filter(p => p.sort !== 'cosmetic')
  const known = new Set([...(await ids('product', worn)), ...(await ids('gear', gear))])
  return rows.filter((r): r is T & SoundOffer => good.has(r.offer.id) && known.has(r.product.id))
}

/** What is offered: see {@link Catalogue}. */
export const catalogue = untilWritten(readCatalogue)

export async function readCatalogue(): Promise<Catalogue> {
  const rows = await db
    .select({ offer: offers, product: products })
    .from(offers)
    .innerJoin(products, eq(offers.productId, products.id))
    .where(isNull(products.deletedAt))
    .orderBy(asc(offers.id))
  const all = (await soundOffers(rows)).map(offerOf)
  return {
    suppliers: await validRows('supplier', await db.select().from(suppliers).orderBy(asc(suppliers.name))),
    offers: all.filter(isCosmeticOffer),
    gear: all.filter((o): o is GearOffer => !isCosmeticOffer(o)),
  }
}

/** What is offered, as a row of products. */
export const offeredProduct = (offer: AnyOffer): typeof products.$inferInsert => ({
  id: offer.productId,
  createdAt: LONG_AGO,
  ...(isCosmeticOffer(offer) ? productColumns({ ...offer, strength: 1, level: 1, notes: '' }) : gearColumns(offer)),
})
// Not an act of the artist: it comes before everything she entered.
const LONG_AGO = '1970-01-01T00:00:00.000Z'

export const offerColumns = (offer: AnyOffer): typeof offers.$inferInsert => ({
  id: offer.id,
  supplierId: offer.supplierId,
  productId: offer.productId,
  size: offer.sizeMl,
  measure: isCosmeticOffer(offer) ? measureOf(offer.kind, offer.traits.texture) : offer.measure,
  priceMinor: offer.priceMinor,
  inStock: offer.inStock,
})
/** Everything the simulated suppliers sell. */
export const SIMULATED_CATALOGUE: readonly AnyOffer[] = [...SIMULATED_OFFERS, ...SIMULATED_GEAR]

/** Lets the simulated suppliers offer what they have; what a database already holds stays as it is. */
export async function stockSimulatedSuppliers(): Promise<void> {
  await write(async tx => {
    await tx
      .insert(suppliers)
      .values([...SIMULATED_SUPPLIERS])
      .onConflictDoNothing()
    const there = new Set((await tx.select({ id: offers.id }).from(offers)).map(o => o.id))
    for (const sold of [SIMULATED_OFFERS, SIMULATED_GEAR]) {
      const fresh = sold.filter(o => !there.has(o.id))
      if (fresh.length === 0) continue
      await tx.insert(products).values(fresh.map(offeredProduct)).onConflictDoNothing()
      await tx.insert(offers).values(fresh.map(offerColumns))
    }
  })
}

/** The product of an offer, as it is in the database or is put there. */
export async function insertOffered(act: Act, offer: AnyOffer): Promise<CosmeticRow | GearRow> {
  const [known] = await act.tx.select().from(products).where(eq(products.id, offer.productId))
  const row = known ?? (await act.insert('products', { ...offeredProduct(offer), createdAt: now() }))
  return { ...row, kind: offer.kind } as CosmeticRow | GearRow
}

interface Joined extends Offered {
  line: typeof purchaseLines.$inferSelect
  unitId: string | null
}
type ValidLine = Joined & SoundOffer

/** Three bottles of one line are three units: the first stands for them. */
const once = <T extends Joined>(rows: readonly T[]): T[] => [...new Map(rows.map(r => [r.line.id, r])).values()]

const lineOf = ({ line, unitId, ...offered }: ValidLine, named: NameOf): PurchaseLine => ({
  id: line.id,
  offer: offerOf(offered),
  reason: withNames(line.reason, named),
  priceMinor: line.priceMinor,
  count: line.count,
  receivedAt: line.receivedAt,
  unitId,
})

/** Lines whose own row, offer and product can all be used. */
async function validLines(lines: readonly Joined[]): Promise<ValidLine[]> {
  const good = new Set(
    (
      await validRows(
        'line',
        lines.map(l => l.line),
      )
    ).map(l => l.id),
  )
  return soundOffers(once(lines).filter(l => good.has(l.line.id)))
}

const joined = (from: Reader) =>
  from
    .select({ line: purchaseLines, offer: offers, product: products, unitId: units.id })
    .from(purchaseLines)
    .innerJoin(offers, eq(purchaseLines.offerId, offers.id))
    .innerJoin(products, eq(offers.productId, products.id))
    .leftJoin(units, and(eq(units.purchaseLineId, purchaseLines.id), isNull(units.deletedAt)))

export async function allPurchases(from: Reader = db): Promise<Purchase[]> {
  const rows = await validRows(
    'purchase',
    await from
      .select()
      .from(purchases)
      .orderBy(desc(sql`rowid`)),
  )
  const lines = await validLines(
    await joined(from).where(isNull(purchaseLines.deletedAt)).orderBy(asc(purchaseLines.id)),
  )
  const named = await faceNames(
    from,
    lines.map(l => l.line.reason),
  )
  return rows
    .map(row => ({
      ...row,
      lines: lines.filter(l => l.line.purchaseId === row.id).map(l => lineOf(l, named)),
    }))
    .filter(purchase => purchase.lines.length > 0)
}

/** Turns a plan into a purchase list; prices are those of the offers at this moment. */
export function accept({ lines, budgetMinor }: PurchaseInput): Promise<Purchase> {
  return command('The purchase list is made.', async act => {
    const asked = lines.map(l => l.offerId)
    const found = await act.tx.select().from(offers).where(inArray(offers.id, asked))
    allThere(asked, found, i => `lines[${i}].offerId`, 'is no longer offered')
    const { id } = await act.insert('purchases', { id: newId(), createdAt: now(), budgetMinor })
    for (const { offerId, reason, count } of lines) {
      const { priceMinor } = found.find(o => o.id === offerId)!
      await act.insert('purchaseLines', { id: newId(), purchaseId: id, offerId, reason, priceMinor, count: count ?? 1 })
    }
    return (await allPurchases(act.tx)).find(p => p.id === id)!
  })
}

async function lineThere(tx: Transaction, id: string): Promise<ValidLine> {
  const [row] = await joined(tx).where(and(eq(purchaseLines.id, id), isNull(purchaseLines.deletedAt)))
  const [line] = row ? await validLines([row]) : []
  if (!line) throw new Missing('This line')
  return line
}

/** The parcel is here: the kit has so many more, full, of what was ordered. */
export function receive(lineId: string): Promise<{ line: PurchaseLine; product: OwnedThing }> {
  return command(
    ({ product, line: { count } }) =>
      `${count > 1 ? `${count} of ` : ''}${product.shade} ${count > 1 ? 'are' : 'is'} in the kit.`,
    async act => {
      const { line, offer, product } = await lineThere(act.tx, lineId)
      if (line.receivedAt) throw new Conflict('This is in the kit already: reload the page.')
      await act.update('purchaseLines', lineId, { receivedAt: now() })
      const full = { sizeMl: offer.size, measure: offer.measure, level: 1, openedOn: null, notes: '' }
      // Tools alike are one set; bottles are each a thing.
      const isSet = isToolKind(product.kind)
      const priceMinor = line.priceMinor * (isSet ? line.count : 1)
      for (let i = 0; i < (isSet ? 1 : line.count); i++)
        await addUnitOf(
          act,
          product,
          { ...full, priceMinor },
          { purchaseLineId: lineId, count: isSet ? line.count : 1 },
        )
      const row = await lineThere(act.tx, lineId)
      const told = lineOf(row, await faceNames(act.tx, [row.line.reason]))
      return { line: told, product: await thingNow(act, product.id) }
    },
  )
}

export function removeLine(lineId: string): Promise<{ id: string }> {
  return command('The line is off the list.', async act => {
    const [row] = await act.tx
      .select({ id: purchaseLines.id })
      .from(purchaseLines)
      .where(and(eq(purchaseLines.id, lineId), isNull(purchaseLines.deletedAt)))
    if (!row) throw new Missing('This line')
    await act.update('purchaseLines', lineId, { deletedAt: now() })
    return { id: lineId }
  })
}
