import type { PlanQuestion } from '#core/plan/facePlan'
import { itemOf, itemOfOffer } from './kitItem'
import type { CatalogueOffer } from './records/buys'
import type { OwnedProduct } from './records/kit'

/** What a plan is computed from, as records: read into items where the computing is done, ingredient lists and all. */
export interface PlanRecords extends Omit<PlanQuestion, 'items' | 'offers'> {
  products: readonly Omit<OwnedProduct, 'units'>[]
  offers: readonly CatalogueOffer[]
}

export const questionOf = ({ products, offers, ...rest }: PlanRecords): PlanQuestion => ({
  ...rest,
  items: products.map(itemOf),
  offers: offers.map(itemOfOffer),
})
