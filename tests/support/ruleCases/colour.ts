import { typicalSkin } from '#core/complexion/skins/skin'
import { item } from '../suitability'
import { by, NOTE, type RuleCase } from './case'

const WARM = { L: 60, a: 28, b: 26 }
const onLips = (itemId: string) => ({ area: 'lips' as const, lab: WARM, itemId, name: '' })

/** How a colour shows on this depth, and what was asked for. */
export const COLOUR: readonly RuleCase[] = [
  // pale cast
  [
    'pale-cast',
    by(-2.5),
    /turns (pale|grey) on this depth, by ΔE/,
    { item: item('powder', { family: 'powder' }), slot: 'powder', face: { skin: typicalSkin(11, 'neutral') } },
    { item: item('powder', { family: 'powder' }), slot: 'powder', face: { skin: typicalSkin(2, 'neutral') } },
  ],
  [
    'pale-cast',
    by(-2.7),
    /turns pale|turns grey/,
    {
      item: item('sun protection', { filter: 'mineral', spf: 30 }),
      slot: 'sun protection',
      face: { skin: typicalSkin(9, 'golden') },
    },
    {
      item: item('sun protection', { lab: typicalSkin(9, 'golden'), coverage: 'sheer' }),
      slot: 'sun protection',
      face: { skin: typicalSkin(9, 'golden') },
    },
  ],
  // how a colour shows: how well is judged in core/look/judge.test.ts
  [
    'shows-on-skin',
    by(-1.5),
    /nobody asked for it/,
    { item: item('eye colour', { lab: { L: 50, a: 60, b: 40 } }), slot: 'eyes' },
    { item: item('eye colour', { lab: { L: 50, a: 60, b: 40 } }), slot: 'eyes', job: { type: 'editorial' } },
  ],
  [
    'shows-on-skin',
    by(-1),
    /fills nothing/,
    { item: item('brow'), slot: 'brows' },
    { item: item('brow'), slot: 'brows', face: { brows: 'dense' } },
  ],
  [
    'shows-on-skin',
    by(2),
    /holds and shows nothing/,
    { item: item('brow'), slot: 'brows', face: { brows: 'dense' } },
    { item: item('brow'), slot: 'brows' },
  ],
  [
    'shows-on-skin',
    NOTE,
    /a veil is enough|a light hand is enough/,
    { item: item('blush', { lab: { L: 46, a: 30, b: 26 }, coverage: 'light' }), slot: 'cheek' },
    { item: item('blush', { lab: null }), slot: 'cheek' },
  ],
  // harmony
  [
    'harmony',
    by(0.5),
    /taste: a warm colour agrees with golden skin/,
    { item: item('blush', { lab: WARM }), slot: 'cheek', face: { skin: typicalSkin(4, 'golden') } },
    { item: item('blush', { lab: WARM }), slot: 'cheek', face: { skin: typicalSkin(4, 'neutral') } },
  ],
  [
    'harmony',
    by(-0.5),
    /taste: a warm colour stands against rosy skin/,
    { item: item('blush', { lab: WARM }), slot: 'cheek', face: { skin: typicalSkin(4, 'rosy') } },
    { item: item('brow', { lab: WARM }), slot: 'brows', face: { skin: typicalSkin(4, 'rosy') } },
  ],
  // the chart
  [
    'chart',
    by(8),
    /the very product that was placed there/,
    { item: item('lip colour', { lab: WARM }), slot: 'lip colour', face: { chart: [onLips('lip colour')] } },
    { item: item('lip colour', { lab: WARM }), slot: 'lip colour', face: { chart: [onLips('another')] } },
  ],
  // wishes
  [
    'wishes',
    by(2),
    /full lashes, as asked/,
    { item: item('lashes', { coverage: 'full' }), slot: 'lashes', face: { wantsLashes: 'full' } },
    { item: item('lashes', { coverage: 'sheer' }), slot: 'lashes', face: { wantsLashes: 'full' } },
  ],
  ['wishes', by(1), /medium cover, as asked/, {}, { item: item('foundation', { coverage: 'full' }) }],
  ['wishes', by(-0.5), /full cover where medium was asked/, { item: item('foundation', { coverage: 'full' }) }, {}],
  [
    'wishes',
    by(-1.5),
    /no bare lip/,
    { item: item('lip colour', { lab: WARM, finish: 'matte' }), slot: 'lip colour', face: { ageBand: 'teen' } },
    { item: item('lip colour', { lab: WARM, finish: 'matte' }), slot: 'lip colour' },
  ],
]
