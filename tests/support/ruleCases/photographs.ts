import { typicalSkin } from '#core/complexion/skins/skin'
import { item, withList } from '../suitability'
import { by, NOTE, TASTE, type RuleCase } from './case'

/** What a camera sees. */
export const PHOTOGRAPHS: readonly RuleCase[] = [
  // flash photographs
  [
    'flash',
    TASTE,
    /mineral filter with SPF 30: pale in flash/,
    { item: item('foundation', { filter: 'mineral', spf: 30 }), job: { flash: true } },
    { item: item('foundation', { filter: 'mineral', spf: 30 }) },
  ],
  [
    'flash',
    by(-2),
    /SPF 15 may go pale/,
    { item: item('foundation', { filter: 'mineral', spf: 15 }), job: { flash: true } },
    { item: item('foundation', { filter: 'organic', spf: 15 }), job: { flash: true } },
  ],
  [
    'flash',
    by(-1),
    /SPF 20 may go pale/,
    {
      item: item('foundation', { filter: 'mineral', spf: 20 }),
      job: { flash: true },
      face: { skin: typicalSkin(2, 'neutral') },
    },
    {
      item: item('foundation', { filter: 'mineral', spf: 10 }),
      job: { flash: true },
      face: { skin: typicalSkin(2, 'neutral') },
    },
  ],
  [
    'flash',
    by(-2),
    /silica-rich loose powder flashes white/,
    { item: withList('powder', 'Silica, Talc', { texture: 'loose powder' }), slot: 'powder', job: { flash: true } },
    { item: withList('powder', 'Silica, Talc', { texture: 'pressed powder' }), slot: 'powder', job: { flash: true } },
  ],
  [
    'flash',
    by(-1),
    /heavy sparkle scatters/,
    { item: item('setting spray', { sparkle: 'coarse' }), slot: 'set', job: { flash: true } },
    { item: item('setting spray', { sparkle: 'fine' }), slot: 'set', job: { flash: true } },
  ],
  [
    'flash',
    by(1),
    /no sun filter/,
    { job: { flash: true } },
    { item: item('foundation', { spf: null }), job: { flash: true } },
  ],
  // high definition
  [
    'high-definition',
    by(-2),
    /coarse sparkle reads as specks/,
    { item: item('eye colour', { sparkle: 'coarse' }), slot: 'eyes', job: { highDefinition: true } },
    { item: item('eye colour', { sparkle: 'coarse' }), slot: 'eyes' },
  ],
  [
    'high-definition',
    by(-1),
    /thick film shows/,
    { item: item('foundation', { coverage: 'full', texture: 'cream' }), job: { highDefinition: true } },
    { item: item('foundation', { coverage: 'light', texture: 'cream' }), job: { highDefinition: true } },
  ],
  ['high-definition', by(1), /a fluid disappears/, { job: { highDefinition: true } }, {}],
  // flash test
  [
    'flash-test',
    by(1),
    /photographed well/,
    {
      item: item('foundation', { filter: 'mineral', spf: 30 }),
      job: { flash: true },
      settings: { flashTests: [{ itemIds: ['foundation'], result: 'good' }] },
    },
    { job: { flash: true } },
  ],
  [
    'flash-test',
    by(-3),
    /photographed badly/,
    { job: { flash: true }, settings: { flashTests: [{ itemIds: ['foundation'], result: 'bad' }] } },
    { settings: { flashTests: [{ itemIds: ['foundation'], result: 'bad' }] } },
  ],
  [
    'flash-test',
    NOTE,
    /sun factor not known/,
    { item: item('foundation', { spf: null }), job: { flash: true } },
    { item: item('foundation', { spf: null }) },
  ],
]
