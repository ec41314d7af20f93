import { item, withList } from '../suitability'
import { by, HARM, NOTE, type RuleCase, states, TASTE } from './case'

/** What the skin itself asks for. */
export const SKIN: readonly RuleCase[] = [
  // skin type × finish
  [
    'skin-type-finish',
    by(2),
    /matte holds on an oily skin/,
    { item: item('foundation', { finish: 'matte' }), face: { skinType: 'oily' } },
    { item: item('foundation', { finish: 'matte' }) },
  ],
  [
    'skin-type-finish',
    by(1),
    /satin keeps an oily skin calm/,
    { item: item('foundation', { finish: 'satin' }), face: { skinType: 'oily' } },
    { item: item('foundation', { finish: 'satin' }), face: { skinType: 'normal' } },
  ],
  [
    'skin-type-finish',
    by(-2),
    /dewy slides on an oily skin/,
    { item: item('foundation', { finish: 'dewy' }), face: { skinType: 'oily' } },
    { item: item('lip colour', { finish: 'dewy' }), slot: 'lip colour', face: { skinType: 'oily' } },
  ],
  [
    'skin-type-finish',
    by(2),
    /dewy gives a dry skin its light back/,
    { item: item('foundation', { finish: 'dewy' }), face: { skinType: 'dry' } },
    { item: item('foundation', { finish: 'dewy' }) },
  ],
  [
    'skin-type-finish',
    by(-2),
    /matte catches on a dry skin/,
    { item: item('foundation', { finish: 'matte' }), face: { skinType: 'dry' } },
    { item: item('foundation', { finish: 'matte' }), face: { skinType: 'combination' } },
  ],
  [
    'skin-type-finish',
    by(0.5),
    /powder only where it shines/,
    { item: item('powder', { family: 'powder' }), slot: 'powder', face: { skinType: 'combination' } },
    { item: item('powder', { family: 'powder' }), slot: 'powder', face: { skinType: 'dry' } },
  ],
  // skin state × texture
  [
    'skin-state-texture',
    by(-1),
    /powder settles on dry flakes/,
    { item: item('powder', { family: 'powder' }), slot: 'powder', face: states('cheeks', 'flaky') },
    { item: item('powder', { family: 'powder' }), slot: 'powder' },
  ],
  [
    'skin-state-texture',
    by(-2),
    /matte shows every flake/,
    { item: item('foundation', { finish: 'matte' }), face: states('chin', 'dehydrated') },
    { item: item('foundation', { finish: 'satin' }), face: states('chin', 'dehydrated') },
  ],
  [
    'skin-state-texture',
    by(2),
    /silicone primer fills pores/,
    { item: item('primer', { family: 'silicone' }), slot: 'primer', face: states('nose', 'textured') },
    { item: item('primer'), slot: 'primer', face: states('nose', 'textured') },
  ],
  [
    'skin-state-texture',
    by(-2),
    /shimmer draws the pores/,
    { item: item('highlighter', { sparkle: 'fine' }), slot: 'highlight', face: states('cheeks', 'textured') },
    { item: item('highlighter', { sparkle: 'fine' }), slot: 'highlight' },
  ],
  [
    'skin-state-texture',
    by(-2),
    /scented, on a reactive skin/,
    { item: withList('moisturiser', 'Aqua, Parfum'), slot: 'moisturise', face: states('cheeks', 'reactive') },
    { item: withList('moisturiser', 'Aqua, Glycerin'), slot: 'moisturise', face: states('cheeks', 'reactive') },
  ],
  [
    'scent',
    TASTE,
    /no scent was asked for/,
    { item: withList('lip colour', 'Octyldodecanol, Aroma'), slot: 'lip colour', face: { noScent: true } },
    { item: withList('lip colour', 'Octyldodecanol, Aroma'), slot: 'lip colour' },
  ],
  [
    'scent',
    NOTE,
    /smell it/,
    { item: item('mascara', { ingredients: null }), slot: 'mascara', face: { noScent: true } },
    {
      item: item('mascara', { ingredients: null, claims: ['fragrance-free'] }),
      slot: 'mascara',
      face: { noScent: true },
    },
  ],
  [
    'improvised',
    HARM,
    /made of magnesium hydroxide: no household or medicinal product/,
    { item: withList('primer', 'Aqua, Magnesium Hydroxide, Aroma'), slot: 'primer' },
    { item: withList('primer', 'Aqua, Glycerin, Carbomer, Propanediol, Magnesium Hydroxide'), slot: 'primer' },
  ],
  [
    'improvised',
    HARM,
    /a hairspray: no household/,
    { item: item('setting spray', { name: 'Strong hairspray' }), slot: 'set' },
    { item: item('setting spray', { name: 'Hairline mist' }), slot: 'set' },
  ],
  [
    'skin-state-texture',
    by(1),
    /rich enough for a thirsty skin/,
    { item: item('moisturiser', { texture: 'cream' }), slot: 'moisturise', face: { skinType: 'dry' } },
    { item: item('moisturiser', { texture: 'gel' }), slot: 'moisturise', face: { skinType: 'dry' } },
  ],
  [
    'skin-state-texture',
    by(-2),
    /essential oils on a reactive skin/,
    { item: withList('moisturiser', 'Aqua, Mentha Piperita Oil'), slot: 'moisturise', face: { mildOnly: true } },
    { item: withList('moisturiser', 'Aqua, Mentha Piperita Oil'), slot: 'moisturise' },
  ],
  [
    'skin-state-texture',
    by(1),
    /a short list/,
    { item: withList('moisturiser', 'Aqua, Glycerin'), slot: 'moisturise', face: { mildOnly: true } },
    { item: item('moisturiser', { ingredients: null }), slot: 'moisturise', face: { mildOnly: true } },
  ],
  [
    'skin-state-texture',
    by(1),
    /oil-free on a blemish-prone/,
    { item: item('moisturiser', { claims: ['oil-free'] }), slot: 'moisturise', face: states('chin', 'blemish-prone') },
    { item: item('moisturiser', { family: 'oil' }), slot: 'moisturise', face: states('chin', 'blemish-prone') },
  ],
  // base × prep
  [
    'base-prep',
    by(-1),
    /oil-rich prep loosens/,
    { item: item('moisturiser', { family: 'oil' }), slot: 'moisturise', job: { hours: 10 } },
    { item: item('moisturiser', { family: 'oil' }), slot: 'moisturise', job: { hours: 4 } },
  ],
  // sensitivities
  [
    'sensitivities',
    HARM,
    /holds lanolin; lanolin was declared/,
    { item: withList('lip care', 'Petrolatum, Lanolin'), slot: 'lip care', face: { sensitivities: ['wool fat'] } },
    { item: withList('lip care', 'Petrolatum, Lanolin'), slot: 'lip care', face: { sensitivities: ['latex'] } },
  ],
  [
    'sensitivities',
    NOTE,
    /the list is missing: ask/,
    { item: item('lip care', { ingredients: null }), slot: 'lip care', face: { sensitivities: ['lanolin'] } },
    { item: item('lip care', { ingredients: null }), slot: 'lip care' },
  ],
]
