import { declaredAs } from '../../../ingredients/declared'
import { statesOf } from '../../../asked/face'
import { when, weight, type Rule } from '../../finding'
import { isLight, isPowder, isScented, type KitItem } from '../../../product/item'
import type { SlotId } from '../../../asked/slots'

// prettier-ignore
const ON_SKIN: readonly SlotId[] = [
  'moisturise', 'primer', 'glow', 'foundation', 'concealer', 'powder', 'cheek', 'contour', 'bronze', 'highlight',
  'set',
]
const BASE: readonly SlotId[] = ['foundation', 'concealer', 'powder']
// A list this short has little in it to react to.
const SHORT_LIST = 15
const RICH: readonly KitItem['texture'][] = ['cream', 'balm', 'lotion']
const silicone = (item: KitItem) => item.family === 'silicone'

export const skinState: Rule = {
  id: 'skin-state-texture',
  looksAt: 'skin state × texture',
  weigh({ item, slot, face, skinType }) {
    const states = statesOf(face)
    const flaky = states.has('flaky') || states.has('dehydrated')
    const reactive = states.has('reactive') || face.mildOnly
    const base = BASE.includes(slot)
    const onSkin = ON_SKIN.includes(slot)
    const declared = face.noScent || face.sensitivities.some(s => declaredAs(s).holds('parfum'))
    return when(
      [flaky && isPowder(item) && base, weight(-1, 'powder settles on dry flakes')],
      [flaky && item.finish === 'matte' && base, weight(-2, 'matte shows every flake')],
      [
        slot === 'moisturise' && (flaky || skinType === 'dry') && RICH.includes(item.texture),
        weight(1, 'rich enough for a thirsty skin'),
      ],
      [
        states.has('textured') && slot === 'primer' && silicone(item),
        weight(2, 'a silicone primer fills pores and texture'),
      ],
      [onSkin && states.has('textured') && item.sparkle !== 'none', weight(-2, 'shimmer draws the pores')],
      [reactive && isScented(item) && !declared, weight(-2, 'scented, on a reactive skin')],
      [reactive && item.flags.includes('essential oil'), weight(-2, 'essential oils on a reactive skin')],
      [
        reactive && item.ingredients !== null && item.ingredients.length <= SHORT_LIST,
        weight(1, 'a short list, little to react to'),
      ],
      [
        onSkin
          && states.has('blemish-prone')
          && (item.claims.includes('oil-free')
            || (item.family === 'water' && !item.flags.includes('comedogenic-prone oil'))),
        weight(1, 'oil-free on a blemish-prone skin'),
      ],
      [
        onSkin && states.has('blemish-prone') && item.flags.includes('comedogenic-prone oil') && isLight(item),
        weight(-0.5, 'holds an oil that some skins clog on (weak evidence)'),
      ],
    )
  },
}
