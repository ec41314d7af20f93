import { statesOf, typesOf, zonesIn } from '../face'
import { when, weight, veto, type Rule } from '../finding'
import { isLight, isPowder, isScented, type KitItem } from '../../product/item'
import type { SlotId } from '../../plan/slots'

// prettier-ignore
const ON_SKIN: readonly SlotId[] = [
  'moisturise', 'primer', 'glow', 'foundation', 'concealer', 'powder', 'cheek', 'contour', 'bronze', 'highlight',
  'set',
]
const BASE: readonly SlotId[] = ['foundation', 'concealer', 'powder']
// A list this short has little in it to react to.
const SHORT_LIST = 15
const hydrates = (item: KitItem) =>
  ['cream', 'balm', 'lotion', 'fluid', 'gel'].includes(item.texture) && item.finish !== 'matte'
const silicone = (item: KitItem) => item.family === 'silicone'

export const skinState: Rule = {
  id: 'skin-state-texture',
  looksAt: 'skin state × texture',
  weigh({ item, slot, face }) {
    if (!ON_SKIN.includes(slot) && slot !== 'eye care') return []
    const states = statesOf(face)
    const flaky = states.has('flaky') || states.has('dehydrated')
    const reactive = states.has('reactive') || face.mildOnly
    const base = BASE.includes(slot)
    const declared = face.noScent || face.sensitivities.some(s => /fragrance|perfume|parfum|scent/i.test(s))
    return when(
      [flaky && isPowder(item) && base, weight(-1, 'powder settles on dry flakes')],
      [flaky && item.finish === 'matte' && base, weight(-2, 'matte shows every flake')],
      [
        states.has('textured') && slot === 'primer' && silicone(item),
        weight(2, 'a silicone primer fills pores and texture'),
      ],
      [states.has('textured') && item.sparkle !== 'none', weight(-2, 'shimmer draws the pores')],
      [reactive && isScented(item) && !declared, weight(-2, 'scented, on a reactive skin')],
      [face.noScent && isScented(item), veto('taste', 'it is scented and no scent was asked for')],
      [reactive && item.flags.includes('essential oil'), weight(-2, 'essential oils on a reactive skin')],
      [
        reactive && item.ingredients !== null && item.ingredients.length <= SHORT_LIST,
        weight(1, 'a short list, little to react to'),
      ],
      [
        states.has('blemish-prone')
          && (item.claims.includes('oil-free')
            || (item.family === 'water' && !item.flags.includes('comedogenic-prone oil'))),
        weight(1, 'oil-free on a blemish-prone skin'),
      ],
      [
        states.has('blemish-prone') && item.flags.includes('comedogenic-prone oil') && isLight(item),
        weight(-0.5, 'holds an oil that some skins clog on (weak evidence)'),
      ],
    )
  },
  asks(face) {
    const states = statesOf(face)
    const eyes = new Set(face.zones['eye area']?.states ?? [])
    const red = zonesIn(face, 'redness')
    return [
      ...(states.has('flaky') || states.has('dehydrated')
        ? [
            {
              slot: 'moisturise' as const,
              sentence: 'a flaky or dehydrated skin needs hydrating prep first',
              met: hydrates,
            },
          ]
        : []),
      ...(red.length > 0
        ? [{ slot: 'corrector' as const, sentence: `redness on ${red.join(' and ')} needs a corrector or coverage` }]
        : []),
      ...(eyes.has('dark circles')
        ? [
            { slot: 'corrector' as const, sentence: 'dark circles need a corrector under the concealer' },
            { slot: 'concealer' as const, sentence: 'dark circles need concealer' },
          ]
        : []),
      ...(states.has('uneven') ? [{ slot: 'concealer' as const, sentence: 'an uneven skin needs spot cover' }] : []),
      ...(typesOf(face).cheeks === 'dry' || eyes.has('lined')
        ? [{ slot: 'eye care' as const, sentence: 'a dry or lined eye area needs care before concealer' }]
        : []),
    ]
  },
}
