import { typicalSkin } from '#core/complexion/skin'
import { item } from '../suitability'
import { by, type RuleCase } from './case'

/** How a colour shows on this depth, and what was asked for. */
export const COLOUR: readonly RuleCase[] = [
  // pale cast
  [
    'pale-cast',
    by(-2),
    /turns (pale|grey) on this depth, by ΔE/,
    { item: item('powder', { family: 'powder' }), slot: 'powder', face: { skin: typicalSkin(11, 'neutral') } },
    { item: item('powder', { family: 'powder' }), slot: 'powder', face: { skin: typicalSkin(2, 'neutral') } },
  ],
  [
    'pale-cast',
    by(-2),
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
  // how a colour shows
  [
    'shows-on-skin',
    by(-1),
    /vanishes on this depth/,
    { item: item('blush', { lab: typicalSkin(5, 'neutral'), coverage: 'light' }), slot: 'cheek' },
    { item: item('blush', { lab: { L: 45, a: 32, b: 20 }, coverage: 'light' }), slot: 'cheek' },
  ],
  [
    'shows-on-skin',
    by(-2),
    /chalky/,
    {
      item: item('highlighter', { lab: { L: 92, a: 1, b: 6 }, coverage: 'full' }),
      slot: 'highlight',
      face: { skin: typicalSkin(11, 'neutral') },
    },
    {
      item: item('highlighter', { lab: { L: 92, a: 1, b: 6 }, coverage: 'full' }),
      slot: 'highlight',
      face: { skin: typicalSkin(1, 'neutral') },
    },
  ],
  [
    'shows-on-skin',
    by(-3),
    /shades nothing/,
    {
      item: item('contour', { lab: { L: 52, a: 8, b: 14 } }),
      slot: 'contour',
      face: { skin: typicalSkin(10, 'neutral') },
    },
    { item: item('contour', { lab: { L: 30, a: 8, b: 10 } }), slot: 'contour' },
  ],
  [
    'shows-on-skin',
    by(-1.5),
    /nobody asked for it/,
    { item: item('eye colour', { lab: { L: 50, a: 60, b: 40 } }), slot: 'eyes' },
    { item: item('eye colour', { lab: { L: 50, a: 60, b: 40 } }), slot: 'eyes', job: { type: 'editorial' } },
  ],
  [
    'shows-on-skin',
    by(0.5),
    /shows softly/,
    { item: item('eye colour', { lab: { L: 50, a: 12, b: 18 }, coverage: 'light' }), slot: 'eyes' },
    { item: item('eye colour', { lab: null }), slot: 'eyes' },
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
]
