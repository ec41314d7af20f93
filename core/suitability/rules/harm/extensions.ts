import { when, weight, type Rule } from '../../finding'
import { isOilRich } from '../../../product/item'
import type { SlotId } from '../../../asked/slots'

const AT_THE_EYE: readonly SlotId[] = ['cleanse', 'eye care', 'eye primer', 'liner']

/** Extensions are somebody's work and money: mascara is left out of the plan, and oil stays away from the glue. */
export const extensions: Rule = {
  id: 'lash-extensions',
  looksAt: 'lash extensions',
  weigh: ({ item, slot, face }) =>
    face.lashExtensions
      ? when([AT_THE_EYE.includes(slot) && isOilRich(item), weight(-2, 'oil loosens the glue of lash extensions')])
      : [],
}
