import type { Traits } from '#core/stock/usual'
import { Distinct, Id, Many, Minor, Text } from '../rules'
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

export interface Catalogue {
  suppliers: Supplier[]
  offers: CatalogueOffer[]
}

export class PurchaseLineInput {
  @Id() offerId!: string
  @Text(0, 300) reason: string = ''
}

/** A plan accepted: it becomes one purchase list. */
export class PurchaseInput {
  @Many(() => PurchaseLineInput, 100, 1)
  @Distinct('offerId')
  lines!: PurchaseLineInput[]
  @Minor() budgetMinor!: number
}

export interface PurchaseLine {
  id: string
  offer: CatalogueOffer
  reason: string
  priceMinor: number
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
