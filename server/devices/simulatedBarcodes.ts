import { createHash } from 'node:crypto'
import { checkDigit, sameBarcode } from '#core/stock/labels/barcode'
import type { AnyOffer } from '#shared/records/kit/buys'
import { SIMULATED_GEAR } from './simulatedGear'
import { SIMULATED_OFFERS } from './simulatedSuppliers'

/*
 * The numbers under the bars of what the simulated suppliers sell. They begin with 20, which is for use inside one house alone and on no pack
 * that is sold (GS1 General Specifications, 1.4).
 */

export function simulatedBarcode(productId: string): string {
  const figures = BigInt(`0x${createHash('sha1').update(productId).digest('hex').slice(0, 12)}`) % 10_000_000_000n
  const number = `20${figures.toString().padStart(10, '0')}`
  return `${number}${checkDigit(number)}`
}

/** What the simulated suppliers sell under a number. */
export const offeredUnder = (barcode: string): AnyOffer | undefined =>
  [...SIMULATED_OFFERS, ...SIMULATED_GEAR].find(o => sameBarcode(simulatedBarcode(o.productId), barcode))
