import type { PlanQuestion } from '#core/plan/facePlan'
import type { KitItem } from '#core/product/item'
import { itemOf, itemOfOffer } from './kitItem'
import type { CatalogueOffer } from '../records/kit/buys'
import type { OwnedProduct } from '../records/kit/kit'

/** A product without its units, which no rule weighs and which are ten thousand in a large kit. */
export type UsableProduct = Omit<OwnedProduct, 'units'>

/** What a plan is computed from, as records: read into items where the computing is done, ingredient lists and all. */
export interface PlanRecords extends Omit<PlanQuestion, 'items' | 'offers'> {
  /** For everybody: the same list until something of it changes. */
  kit: readonly UsableProduct[]
  /** For this face alone. */
  brought: readonly UsableProduct[]
  offers: readonly CatalogueOffer[]
}

export const itemsOf = (products: readonly UsableProduct[]): KitItem[] => products.map(itemOf)

/** @param kitItems the kit as items, where they are known already */
export const questionOf = (
  { kit, brought, offers, ...rest }: PlanRecords,
  kitItems: readonly KitItem[] = itemsOf(kit),
): PlanQuestion => ({
  ...rest,
  items: [...kitItems, ...itemsOf(brought)],
  offers: offers.map(itemOfOffer),
})
