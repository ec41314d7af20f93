import { item } from '../suitability'
import { by, HARM, NOTE, states, TASTE, type RuleCase } from './case'

/** Packs: what comes out of them, how old it is, and where it may not go. */
export const PACK: readonly RuleCase[] = [
  // container × hygiene
  [
    'container',
    NOTE,
    /clean spatula/,
    { item: item('foundation', { dispenser: 'pot' }) },
    { item: item('foundation', { dispenser: 'pot', own: true }) },
  ],
  [
    'container',
    NOTE,
    /fresh wand for every dip/,
    { item: item('mascara', { dispenser: 'wand' }), slot: 'mascara' },
    { item: item('mascara', { dispenser: 'tube' }), slot: 'mascara' },
  ],
  [
    'container',
    by(0.5),
    /comes out of the pack clean/,
    { item: item('foundation', { dispenser: 'pump' }) },
    { item: item('foundation', { dispenser: 'dropper' }) },
  ],
  [
    'container',
    NOTE,
    /sharpen, wipe with 70 %/,
    { item: item('lip liner', { dispenser: 'pencil' }), slot: 'lip liner' },
    { item: item('lip liner', { dispenser: 'tube' }), slot: 'lip liner' },
  ],
  // freshness, level
  [
    'freshness',
    HARM,
    /past its last day since 30 Nov 2026/,
    { item: item('foundation', { useBy: '2026-11-30' }) },
    { item: item('foundation', { useBy: '2026-12-05' }) },
  ],
  [
    'freshness',
    NOTE,
    /not enough left for this face/,
    { item: item('foundation', { level: 0.01 }) },
    { item: item('foundation', { level: 0.5 }) },
  ],
  [
    'freshness',
    TASTE,
    /it is empty/,
    { item: item('foundation', { level: 0 }) },
    { item: item('foundation', { level: 0, own: true }) },
  ],
  // hygiene
  [
    'single-use-broken-skin',
    HARM,
    /straight from a pack that others share; cheeks are broken/,
    { item: item('foundation', { dispenser: 'stick' }), face: states('cheeks', 'broken') },
    { item: item('foundation', { dispenser: 'stick' }) },
  ],
  [
    'single-use-broken-skin',
    NOTE,
    /disposables only on cheeks/,
    { item: item('foundation', { dispenser: 'pump' }), face: states('cheeks', 'sunburnt') },
    { item: item('foundation', { dispenser: 'pump' }), face: states('cheeks', 'redness') },
  ],
  [
    'single-use-broken-skin',
    HARM,
    /cheeks are broken or sunburnt: the area is left bare/,
    { item: item('blush'), slot: 'cheek', face: states('cheeks', 'sunburnt') },
    { item: item('blush'), slot: 'cheek', face: states('nose', 'sunburnt') },
  ],
  [
    'single-use-broken-skin',
    HARM,
    /nothing that stings or rubs/,
    {
      item: item('cleanser', { flags: ['drying alcohol'] }),
      slot: 'cleanse',
      face: states('nose', 'broken'),
    },
    { item: item('cleanser'), slot: 'cleanse', face: states('nose', 'broken') },
  ],
  [
    'eye-area',
    HARM,
    /not sold for the eyes/,
    { item: item('eye colour', { safeFor: ['face'] }), slot: 'eyes' },
    { item: item('eye colour', { safeFor: ['eyes'] }), slot: 'eyes' },
  ],
  [
    'stop-infection',
    HARM,
    /pharmacist or doctor/,
    { item: item('mascara'), slot: 'mascara', face: states('eye area', 'signs of infection') },
    { item: item('lip colour'), slot: 'lip colour', face: states('eye area', 'signs of infection') },
  ],
  [
    'chapped-lips',
    by(-2),
    /matte dries chapped lips/,
    { item: item('lip colour', { finish: 'matte' }), slot: 'lip colour', face: states('lips', 'chapped') },
    { item: item('lip colour', { finish: 'matte' }), slot: 'lip colour' },
  ],
  [
    'chapped-lips',
    HARM,
    /no scrub on broken lips/,
    {
      item: item('lip care', { texture: 'other', ingredients: ['sucrose'] }),
      slot: 'lip care',
      face: states('lips', 'broken'),
    },
    { item: item('lip care', { texture: 'balm' }), slot: 'lip care', face: states('lips', 'broken') },
  ],
]
