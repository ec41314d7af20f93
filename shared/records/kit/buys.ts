import type { Traits } from '#core/stock/things/usual'
import type { Measure } from '#core/stock/things/things'
import * as is from '../../checks/rules'
import type { GearFields } from './gear'
import type { ProductFields } from './kit'

export interface Supplier {
  id: string
  name: string
  leadDays: number
}

/** What a supplier sells: a product at a price. */
export interface CatalogueOffer extends ProductFields {
  id: string
  supplierId: string
  /** What is offered: the same id as that of the bottle one owns of it. */
  productId: string
  sizeMl: number
  priceMinor: number
  inStock: boolean
  traits: Traits
}

/** A tool or a supply at a price. */
export interface GearOffer extends GearFields {
  id: string
  supplierId: string
  productId: string
  /** What one holds. */
  sizeMl: number
  measure: Measure
  priceMinor: number
  inStock: boolean
}
export type AnyOffer = CatalogueOffer | GearOffer
export const isCosmeticOffer = (offer: AnyOffer): offer is CatalogueOffer => 'lab' in offer

export interface Catalogue {
  suppliers: Supplier[]
  /** Products that go on faces, and everything else that is needed. */
  offers: CatalogueOffer[]
  gear: GearOffer[]
}

export class PurchaseLineInput {
  @is.Id() offerId!: string
  @is.Maybe() @is.Whole(1, 100) count?: number
  @is.Text(0, 300) reason: string = ''
}

/** A plan accepted: it becomes one purchase list. */
export class PurchaseInput {
  @is.Many(() => PurchaseLineInput, 100, 1)
  @is.Distinct('offerId')
  lines!: PurchaseLineInput[]
  @is.Minor() budgetMinor!: number
}

export interface PurchaseLine {
  id: string
  offer: AnyOffer
  reason: string
  /** Of one. */
  priceMinor: number
  count: number
  receivedAt: string | null
  /** The unit it became. */
  unitId: string | null
}

export interface Purchase {
  id: string
  createdAt: string
  budgetMinor: number
  lines: PurchaseLine[]
}
