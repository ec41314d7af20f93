import type { Ability } from './standard'

/* What a kit may be asked to be able to do: the abilities our standards are made of. */

export const have = (
  id: string,
  name: string,
  why: string,
  kinds: Ability['kinds'],
  more: Partial<Ability> = {},
): Ability => ({
  id,
  name,
  why,
  sort: 'have',
  kinds,
  share: 1,
  ...more,
})

const EVERY_THIRD = [2, 5, 8, 11]

export const BASE: Ability = {
  id: 'base',
  name: 'A base for nearly everybody',
  why: 'a face that cannot be matched is turned away',
  sort: 'mix',
  kinds: ['foundation', 'adjuster'],
  targets: 'skins',
  within: 2,
  maxProducts: 3,
  maxDrops: 6,
  share: 0.85,
}
export const NUDE: Ability = {
  id: 'nude-lip',
  name: 'A nude lip for every depth',
  why: 'most people ask for their own lips, a little better',
  sort: 'mix',
  kinds: ['lip colour'],
  targets: 'nude lips',
  undertones: ['rosy', 'neutral', 'golden'],
  within: 3,
  maxProducts: 2,
  maxDrops: 4,
  share: 0.8,
}
export const LIDS: Ability = {
  id: 'lids',
  name: 'A lid colour that shows lightly, clearly and deepens, warm and cool',
  why: 'what shows on one skin vanishes on another',
  sort: 'shows',
  kinds: ['eye colour'],
  depths: EVERY_THIRD,
  shows: ['lightly', 'clearly', 'deeper'],
  temperatures: ['warm', 'cool'],
  sparkleFree: true,
  share: 0.8,
}
export const CANCELS: Ability = {
  id: 'cancels',
  name: 'Redness, blue and brown darkness cancelled',
  why: 'a base over them turns grey or shows them through',
  sort: 'cancels',
  kinds: ['corrector'],
  concerns: ['redness', 'dark circles', 'brown marks'],
  depths: EVERY_THIRD,
  within: 3,
  share: 0.75,
}
export const SUITS: Ability = {
  id: 'suits',
  name: 'Something an oily, a dry and a reactive skin can wear',
  why: 'one cream for all slides on one and flakes on another',
  sort: 'suits',
  skins: ['oily', 'dry', 'reactive'],
  kinds: ['cleanser', 'moisturiser', 'foundation', 'concealer', 'mascara', 'lip colour'],
  share: 1,
}
export const CHAINS: Ability = {
  id: 'chains',
  name: 'A full chain for everybody who reacts to something',
  why: 'who declared a reaction is made up from bare skin to the end without it; a list nobody has read proves nothing',
  sort: 'chain',
  kinds: [
    'remover',
    'cleanser',
    'moisturiser',
    'lip care',
    'brow',
    'eye colour',
    'mascara',
    'foundation',
    'blush',
    'lip colour',
  ],
  share: 1,
}
export const SETS: Ability = have(
  'brush-sets',
  'A clean brush of every shape for each face',
  'washing between faces costs the morning; the scarcest shape sets the pace',
  ['brush'],
  {
    shapes: [
      'foundation brush',
      'concealer brush',
      'powder brush',
      'cheek brush',
      'blending brush',
      'flat eye brush',
      'fine liner brush',
      'angled brush',
      'lip brush',
    ],
    perFace: 1,
  },
)
/** Several things that only together do it: each part is asked for by itself. */
const together = (id: string, name: string, why: string, parts: NonNullable<Ability['parts']>): Ability =>
  have(id, name, why, [...new Set(parts.flatMap(p => p.kinds))], { parts })

export const CLEAN: readonly Ability[] = [
  have('disinfect', 'Alcohol that disinfects', 'stronger evaporates before it acts, weaker does not act', ['alcohol'], {
    percentFrom: 60,
    percentTo: 80,
  }),
  // Soap wants a tap, and wipes clean without disinfecting.
  have('hands', 'Clean hands without a tap', 'hands are cleaned before every face', ['hand gel']),
  have('wands', 'Fresh wands for every face', 'a wand that touched a face never goes back', ['mascara wands'], {
    perFace: 2,
  }),
  have(
    'lips',
    'Fresh lip applicators for every face',
    'a lip is never touched twice from the tube',
    ['lip applicators'],
    {
      perFace: 2,
    },
  ),
  have('sponges', 'A sponge for every face', 'a sponge is one person’s', ['sponge', 'disposable sponges'], {
    perFace: 1,
  }),
  have('off-a-pot', 'A clean way out of a pot', 'nobody dips twice', ['spatula', 'disposable spatulas']),
  have('mixing', 'A surface to mix on', 'drops are counted and mixed where they can be wiped off', ['mixing palette']),
  have('bin', 'Where there is no bin', 'used things are kept apart', ['rubbish bags']),
  have('brush-wash', 'Brushes cleaned on the way', 'for the shape that has run out', ['brush cleanser']),
]
export const SECOND_REMOVER = have(
  'second-remover',
  'A second way to take it off',
  'no single bottle stops the job',
  ['remover', 'cleanser'],
  { count: 2 },
)
export const SECOND_MASCARA = have('second-mascara', 'A second mascara', 'a tube dries in three months', ['mascara'], {
  count: 2,
})
export const SECOND_POWDER = have(
  'second-powder',
  'A second way to set',
  'a powder breaks in the case',
  ['powder', 'setting spray'],
  { count: 2 },
)
export const SECOND_LINER = have('second-liner', 'A second way to line', 'a pot dries, a pen breaks', ['liner'], {
  count: 2,
})
export const HEM = have('hem', 'A torn hem', 'they look to you', ['pins', 'sewing kit'])
export const BLEEDS = have('bleeds', 'Somebody bleeds', 'a plaster before a stain', ['plasters', 'first-aid box'])
export const DRY_MOUTH = have('dry-mouth', 'A dry mouth', 'nerves before they go on', ['mints', 'water'])
export const FAINTS = together('faints', 'Somebody feels faint', 'they did not eat', [
  { kinds: ['water'] },
  { kinds: ['snacks'] },
])
export const CLOTHES = have('clothes', 'Clothes kept clean', 'a white collar is there all day', ['capes', 'towel'])
export const DARK = have('dark', 'A dark room', 'colour is not judged in a corridor', ['light'])
export const NO_TABLE = have('no-table', 'No clean table', 'tools lie on what can be wiped', ['mat', 'towel'])
export const RECEIPT = have('receipt', 'A receipt, and consent before', 'signed before the first brush', ['paperwork'])
export const MIRROR = have('mirror', 'A mirror for them', 'they judge it by their own mirror', ['mirror'])
export const MISHAPS: readonly Ability[] = [HEM, BLEEDS, DRY_MOUTH, FAINTS, CLOTHES, DARK, NO_TABLE, RECEIPT, MIRROR]

export const TEARS = have(
  'tears',
  'A mascara that holds through tears',
  'there are tears at every ceremony',
  ['mascara'],
  {
    resists: 'water',
  },
)
export const SHADE_AND_LIGHT = together('contour', 'Shade and light', 'a camera flattens a face', [
  { kinds: ['contour', 'bronzer'] },
  { kinds: ['highlighter'] },
])
export const LASHES = together('lashes', 'Lashes, and glue without fail', 'the one tube that fails stops the job', [
  { kinds: ['lashes'], perFace: 1 },
  { kinds: ['lash glue'], count: 2 },
])
export const BODY: Ability = {
  id: 'body',
  name: 'Skin below the neck, light to deep',
  why: 'a dress shows more than a face',
  sort: 'mix',
  kinds: ['body make-up'],
  targets: 'skins',
  depths: EVERY_THIRD,
  undertones: ['neutral'],
  // Seen from further away than a face, and blended out over a whole arm.
  within: 4,
  maxProducts: 2,
  maxDrops: 6,
  share: 0.75,
}
export const TRANSFER = have('transfer', 'A lip that stays on', 'for quick changes and kisses', ['lip colour'], {
  resists: 'transfer',
})
export const SHINE = have('shine', 'Shine through a hot day', 'blotted before it is powdered', ['blotting sheets'], {
  perFace: 3,
})
export const GUN = together('gun', 'A sprayed base', 'a gun without air sprays nothing', [
  { kinds: ['spray gun'] },
  { kinds: ['compressor'] },
])
export const BEARD = together('beard', 'A beard in shape', 'a beard is seen before a skin is', [
  { kinds: ['comb'] },
  { kinds: ['trimmer', 'scissors'] },
])
export const TRIM = together('trim', 'Stray hairs', 'only with their leave', [
  { kinds: ['tweezers'] },
  { kinds: ['scissors'] },
])
export const SHAVE = have(
  'shave',
  'A clean neck line',
  'blades are used once; a licence may be needed',
  ['disposable blades'],
  { perFace: 1 },
)
export const VIVID = have('vivid', 'Colour that is asked for on stage', 'few, small and mixable', ['eye colour'], {
  count: 3,
  vivid: true,
})
export const RED_LIPS: Ability = {
  id: 'lip-reach',
  name: 'The lips people ask for',
  why: 'a small palette mixes them all',
  sort: 'mix',
  kinds: ['lip colour'],
  targets: 'named',
  named: [
    { name: 'warm red', lab: { L: 44, a: 48, b: 32 } },
    { name: 'cool red', lab: { L: 36, a: 46, b: 14 } },
    { name: 'coral', lab: { L: 56, a: 40, b: 32 } },
    { name: 'soft pink', lab: { L: 62, a: 24, b: 8 } },
    { name: 'plum', lab: { L: 30, a: 24, b: 4 } },
    { name: 'brown', lab: { L: 36, a: 18, b: 16 } },
  ],
  within: 6,
  maxProducts: 3,
  maxDrops: 6,
  share: 0.8,
}
