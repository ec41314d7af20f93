import { item, withList } from '../suitability'
import { by, HARM, NOTE, TASTE, type RuleCase } from './case'

/** Who is in the chair, and what they have worn before. */
export const PERSON: readonly RuleCase[] = [
  // wants to look bare-faced
  [
    'bare-faced',
    by(2),
    /sheer cover looks like skin/,
    { item: item('foundation', { coverage: 'sheer' }), face: { bareFaced: true } },
    { item: item('foundation', { coverage: 'sheer' }) },
  ],
  [
    'bare-faced',
    by(-2),
    /full cover is a mask/,
    { item: item('foundation', { coverage: 'full' }), face: { bareFaced: true } },
    { item: item('foundation', { coverage: 'medium' }), face: { bareFaced: true } },
  ],
  [
    'bare-faced',
    by(1),
    /sparse lashes/,
    { item: item('lashes', { coverage: 'sheer' }), slot: 'lashes', face: { bareFaced: true } },
    { item: item('lashes', { coverage: 'full' }), slot: 'lashes', face: { bareFaced: true } },
  ],
  [
    'bare-faced',
    by(1),
    /brown instead of black/,
    { item: item('mascara', { lab: { L: 25, a: 10, b: 12 } }), slot: 'mascara', face: { bareFaced: true } },
    { item: item('mascara', { lab: { L: 8, a: 0, b: 0 } }), slot: 'mascara', face: { bareFaced: true } },
  ],
  // mature
  [
    'mature',
    by(1),
    /thin film does not sit in lines/,
    { item: item('foundation', { coverage: 'light' }), face: { ageBand: 'mature' } },
    { item: item('foundation', { coverage: 'light' }) },
  ],
  [
    'mature',
    by(1),
    /glides over lines/,
    { item: item('primer', { family: 'silicone', texture: 'gel' }), slot: 'primer', face: { ageBand: 'mature' } },
    { item: item('primer', { family: 'silicone', texture: 'gel' }), slot: 'primer' },
  ],
  [
    'mature',
    by(-2),
    /coarse sparkle settles in lines/,
    { item: item('eye colour', { sparkle: 'coarse' }), slot: 'eyes', face: { ageBand: 'mature' } },
    { item: item('eye colour', { sparkle: 'none' }), slot: 'eyes', face: { ageBand: 'mature' } },
  ],
  [
    'mature',
    by(-1),
    /heavy powder ages/,
    { item: item('powder', { family: 'powder' }), slot: 'powder', face: { ageBand: 'mature' } },
    { item: item('powder', { family: 'powder', coverage: 'sheer' }), slot: 'powder', face: { ageBand: 'mature' } },
  ],
  [
    'mature',
    by(1),
    /matte or satin lid/,
    { item: item('eye colour', { finish: 'matte' }), slot: 'eyes', face: { ageBand: 'mature' } },
    { item: item('eye colour', { finish: 'luminous' }), slot: 'eyes', face: { ageBand: 'mature' } },
  ],
  [
    'mature',
    by(-1),
    /heavy eye cream/,
    { item: item('eye care', { texture: 'balm' }), slot: 'eye care', face: { ageBand: 'mature' } },
    { item: item('eye care', { texture: 'gel' }), slot: 'eye care', face: { ageBand: 'mature' } },
  ],
  // lash extensions
  [
    'lash-extensions',
    by(-2),
    /oil loosens the glue/,
    { item: item('remover', { family: 'oil' }), slot: 'cleanse', face: { lashExtensions: true } },
    { item: item('remover', { family: 'water' }), slot: 'cleanse', face: { lashExtensions: true } },
  ],
  // child
  [
    'child',
    NOTE,
    /^list not on record: ask the guardian and read the pack$/,
    { item: item('moisturiser', { ingredients: null }), slot: 'moisturise', face: { ageBand: 'child' } },
    { item: withList('moisturiser', 'Aqua, Glycerin'), slot: 'moisturise', face: { ageBand: 'child' } },
  ],
  [
    'child',
    HARM,
    /a child gets fragrance-free only/,
    { item: withList('moisturiser', 'Aqua, Parfum'), slot: 'moisturise', face: { ageBand: 'child' } },
    { item: withList('moisturiser', 'Aqua, Glycerin'), slot: 'moisturise', face: { ageBand: 'child' } },
  ],
  [
    'child',
    HARM,
    /loose glitter/,
    {
      item: item('eye colour', { sparkle: 'coarse', texture: 'loose powder' }),
      slot: 'eyes',
      face: { ageBand: 'child' },
    },
    { item: item('eye colour', { sparkle: 'coarse', texture: 'loose powder' }), slot: 'eyes' },
  ],
  // facial hair, grooming
  [
    'grooming',
    by(1),
    /no visible product/,
    { item: item('powder', { finish: 'matte' }), slot: 'powder', face: { facialHair: true } },
    { item: item('powder', { finish: 'matte' }), slot: 'powder' },
  ],
  ['grooming', NOTE, /clean spoolie/, { face: { facialHair: true } }, {}],
  [
    'grooming',
    by(-2),
    /shimmer beside facial hair/,
    { item: item('glow', { finish: 'luminous' }), slot: 'glow', face: { facialHair: true } },
    { item: item('glow', { finish: 'natural' }), slot: 'glow', face: { facialHair: true } },
  ],
  // history with this face
  [
    'history',
    by(2),
    /used and liked on this face 3 times/,
    { face: { history: [{ itemId: 'foundation', what: 'liked', times: 3 }] } },
    { face: { history: [{ itemId: 'other', what: 'liked', times: 3 }] } },
  ],
  ['history', TASTE, /disliked it/, { face: { history: [{ itemId: 'foundation', what: 'disliked', times: 1 }] } }, {}],
  [
    'history',
    HARM,
    /reacted to it/,
    { face: { history: [{ itemId: 'foundation', what: 'reaction', times: 1 }] } },
    { face: { history: [{ itemId: 'foundation', what: 'used', times: 1 }] } },
  ],
]
