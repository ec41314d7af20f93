import { measureOf, traitsFor } from '#core/stock/things/usual'
import type { OwnedProduct, OwnedProductInput } from '#shared/records/kit/kit'

/** A product with one unit of it, as the server would have it. */
export function ownedProduct(input: OwnedProductInput, id: string, more: Partial<OwnedProduct> = {}): OwnedProduct {
  const { sizeMl, level, notes } = input
  const unit = {
    id: `unit-${id}`,
    fillId: `fill-${id}`,
    placeId: null,
    count: 1,
    role: 'workhorse' as const,
    label: '',
    container: '',
    packMinor: null,
    inside: null,
    position: 0,
    size: sizeMl,
    measure: measureOf(input.kind),
    level,
    openedOn: input.openedOn ?? null,
    expiresOn: input.expiresOn ?? null,
    priceMinor: input.priceMinor ?? null,
    notes,
    retiredAt: null,
    createdAt: '',
    version: 2,
  }
  return {
    ...input,
    id,
    sort: 'cosmetic',
    traits: traitsFor(input.kind, input.traits),
    units: [unit],
    version: 3,
    ownerFaceId: null,
    retiredAt: null,
    createdAt: '',
    ...more,
  }
}
