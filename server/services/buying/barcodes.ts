import { isNull, and, eq, isNotNull } from 'drizzle-orm'
import { barcodeProblem, sameBarcode } from '#core/stock/labels/barcode'
import type { FoundUnder, TakenUnder, UnderBarcodeInput } from '#shared/records/kit/things'
import { offeredUnder } from '../../devices/simulatedBarcodes'
import { db } from '../../db/connection'
import { fills, products, units } from '../../db/schema'
import { BadInput, Missing } from '../../base/problems'
import { command } from '../record/command'
import { insertOffered } from './buys'
import { thingNow, addUnitOf, placeAt } from '../kit/units'

/* What stands under the bars of a pack: something one has, something a supplier sells, or nothing anybody knows. */

type Reader = Pick<typeof db, 'selectDistinct'>

async function ownedUnder(from: Reader, barcode: string) {
  const rows = await from
    .selectDistinct({ id: products.id, shade: products.shade, barcode: products.barcode })
    .from(products)
    .innerJoin(fills, eq(fills.productId, products.id))
    .innerJoin(units, eq(units.id, fills.unitId))
    .where(
      and(isNotNull(products.barcode), isNull(products.deletedAt), isNull(units.deletedAt), isNull(units.ownerFaceId)),
    )
  return rows.find(r => sameBarcode(r.barcode!, barcode))
}

/** @throws BadInput for figures that are no barcode */
export async function underBarcode(figures: string): Promise<FoundUnder> {
  const problem = barcodeProblem(figures)
  if (problem) throw new BadInput([{ path: 'barcode', message: problem }])
  const owned = await ownedUnder(db, figures)
  const offer = offeredUnder(figures)
  return {
    owned: owned ? { productId: owned.id, name: owned.shade } : null,
    offered: offer
      ? {
          name: offer.shade,
          brand: offer.brand,
          range: 'range' in offer ? offer.range : '',
          kind: offer.kind,
          sizeMl: offer.sizeMl,
        }
      : null,
  }
}

/** Another of what one has under a number, or a first one of what is sold under it; full, and not opened. */
export function takeUnder({ barcode, placeId }: UnderBarcodeInput): Promise<TakenUnder> {
  return command(
    t => `${t.name} is in the kit.`,
    async act => {
      const where = placeId ? { placeId: await placeAt(act, placeId) } : {}
      const owned = await ownedUnder(act.tx, barcode)
      const offer = offeredUnder(barcode)
      if (owned) {
        const thing = await thingNow(act, owned.id)
        const { sizeMl, measure } = thing
        const full = { sizeMl, measure, level: 1, priceMinor: offer?.priceMinor ?? null, openedOn: null, notes: '' }
        await addUnitOf(act, thing, full, { role: 'backup', ...where })
        return { productId: owned.id, name: thing.shade }
      }
      if (!offer) throw new Missing('What stands under this barcode')
      const product = await insertOffered(act, offer)
      await act.update('products', product.id, { barcode })
      const { sizeMl, priceMinor } = offer
      await addUnitOf(act, product, { sizeMl, level: 1, priceMinor, openedOn: null, notes: '' }, where)
      return { productId: product.id, name: offer.shade }
    },
  )
}
