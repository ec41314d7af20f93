import { when, weight, type Rule } from '../../finding'
import { isOilRich } from '../../../product/item'
import type { SlotId } from '../../../asked/slots'

const UNDER: readonly SlotId[] = ['moisturise', 'sun protection', 'primer', 'glow']

/**
 * What goes under a base. Pairs that separate are weighed where two layers meet (layering.ts); here only what a product
 * does to any long wear.
 */
export const baseAndPrep: Rule = {
  id: 'base-prep',
  looksAt: 'base × prep',
  weigh: ({ item, slot, job }) =>
    when([
      UNDER.includes(slot) && isOilRich(item) && job.hours >= 8,
      weight(-1, 'oil-rich prep loosens a long-wear base'),
    ]),
}
