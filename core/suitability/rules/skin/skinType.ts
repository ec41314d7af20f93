import { when, weight, type Rule } from '../../finding'
import { isPowder } from '../../../product/item'
import type { SlotId } from '../../../asked/slots'

// Where a finish shows on the whole face; what goes on the cheekbones alone shines on purpose.
const SLOTS: readonly SlotId[] = ['moisturise', 'primer', 'glow', 'foundation', 'concealer', 'powder', 'set']

export const skinTypeAndFinish: Rule = {
  id: 'skin-type-finish',
  looksAt: 'skin type × finish',
  weigh({ item, slot, skinType }) {
    if (!SLOTS.includes(slot)) return []
    const { finish } = item
    const shiny = finish === 'dewy' || finish === 'luminous'
    switch (skinType) {
      case 'oily':
        return when(
          [finish === 'matte', weight(2, 'matte holds on an oily skin')],
          [finish === 'satin', weight(1, 'satin keeps an oily skin calm')],
          [shiny, weight(-2, `${finish} slides on an oily skin by noon`)],
        )
      case 'dry':
        return when(
          [finish === 'dewy', weight(2, 'dewy gives a dry skin its light back')],
          [finish === 'natural' || finish === 'satin', weight(1, `${finish} sits well on a dry skin`)],
          [finish === 'matte', weight(-2, 'matte catches on a dry skin')],
        )
      case 'combination':
        return when(
          [finish === 'satin' || finish === 'natural', weight(1, `${finish} suits both halves of a combination skin`)],
          [slot === 'powder' && isPowder(item), weight(0.5, 'powder only where it shines: forehead, nose and chin')],
        )
      case 'normal':
        return []
    }
  },
}
