import type { Ability, Standard } from './standard'

/* Three standards of our own, to begin from. */

const have = (
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

const BASE: Ability = {
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
const NUDE: Ability = {
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
const LIDS: Ability = {
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
const CANCELS: Ability = {
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
const SUITS: Ability = {
  id: 'suits',
  name: 'Something an oily, a dry and a reactive skin can wear',
  why: 'one cream for all slides on one and flakes on another',
  sort: 'suits',
  skins: ['oily', 'dry', 'reactive'],
  kinds: ['cleanser', 'moisturiser', 'foundation', 'concealer', 'mascara', 'lip colour'],
  share: 1,
}
const CHAINS: Ability = {
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
const SETS: Ability = have(
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
const CLEAN: Ability[] = [
  have('disinfect', 'Alcohol that disinfects', 'stronger evaporates before it acts, weaker does not act', ['alcohol'], {
    percentFrom: 60,
    percentTo: 80,
  }),
  have('hands', 'Clean hands without a tap', 'hands are washed before every face', ['hand gel', 'wet wipes', 'soap']),
  have('wands', 'Fresh wands for every face', 'a wand that touched somebody never goes back', ['mascara wands'], {
    perFace: 2,
  }),
  have(
    'lips',
    'Fresh lip applicators for every face',
    'a lip is never touched twice from the tube',
    ['lip applicators', 'disposable spatulas'],
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
  have('brush-wash', 'Brushes cleaned on the way', 'for the shape that has run out', ['brush cleanser', 'soap']),
]
const SECOND_WAYS: Ability[] = [
  have('second-remover', 'A second way to take it off', 'no single bottle stops the job', ['remover', 'cleanser'], {
    count: 2,
  }),
  have('second-liner', 'A second way to line', 'a pot dries, a pen breaks', ['liner'], { count: 2 }),
  have('second-mascara', 'A second mascara', 'a tube dries in three months', ['mascara'], { count: 2 }),
  have('second-powder', 'A second way to set', 'a powder breaks in the case', ['powder', 'setting spray'], {
    count: 2,
  }),
]
const MISHAPS: Ability[] = [
  have('hem', 'Somebody tears a hem', 'they look to you', ['pins', 'tape', 'sewing kit']),
  have('bleeds', 'Somebody bleeds', 'a plaster before a stain', ['plasters', 'first-aid box']),
  have('dry-mouth', 'Somebody has a dry mouth', 'nerves before they go on', ['mints', 'straws', 'water']),
  have('faints', 'Somebody feels faint', 'they did not eat', ['water', 'snacks']),
  have('clothes', 'Clothes kept clean', 'a white collar is there all day', ['capes', 'towel']),
  have('dark', 'The room is dark', 'colour is not judged in a corridor', ['light']),
  have('no-table', 'There is no clean table', 'tools lie on what can be wiped', ['mat', 'towel']),
  have('receipt', 'Somebody needs a receipt', 'and a consent is signed before', ['paperwork']),
  have('mirror', 'Somebody wants to see', 'they judge it by their own mirror', ['mirror']),
]
const RED_LIPS: Ability = {
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

export const SHIPPED_STANDARDS: readonly Standard[] = [
  {
    id: 'first',
    name: 'First kit',
    meant: 'for whoever begins: most faces, few things',
    abilities: [
      BASE,
      NUDE,
      LIDS,
      CANCELS,
      { ...SUITS, kinds: ['moisturiser', 'foundation', 'concealer'] },
      SETS,
      ...CLEAN,
      ...SECOND_WAYS.slice(0, 1),
      ...MISHAPS.slice(0, 2),
    ],
  },
  {
    id: 'working',
    name: 'Working kit',
    meant: 'for whoever is booked every week: nothing stops the job',
    abilities: [
      { ...BASE, share: 0.95 },
      { ...NUDE, share: 0.95 },
      { ...LIDS, share: 0.9 },
      RED_LIPS,
      { ...CANCELS, share: 0.9 },
      SUITS,
      CHAINS,
      SETS,
      ...CLEAN,
      ...SECOND_WAYS,
      ...MISHAPS,
      have('tears', 'A mascara that holds through tears', 'there are tears at every ceremony', ['mascara'], {
        resists: 'water',
      }),
      have('contour', 'Shade and light', 'a camera flattens a face', ['contour', 'bronzer'], { count: 2 }),
      have('lashes', 'Lashes, and glue without fail', 'the one tube that fails stops the job', ['lash glue'], {
        count: 2,
      }),
    ],
  },
  {
    id: 'specialist',
    name: 'Specialist add-ons',
    meant: 'for ceremony, stage, screen, grooming and body work',
    abilities: [
      have('body', 'Skin below the neck', 'a dress shows more than a face', ['body make-up']),
      have('transfer', 'A lip that stays on', 'for quick changes and kisses', ['lip colour'], { resists: 'transfer' }),
      have('shine', 'Shine through a hot day', 'blotted before it is powdered', ['blotting sheets'], { perFace: 3 }),
      have('gun', 'A sprayed base', 'some houses ask for it', ['spray gun']),
      have('air', 'Air for the gun', 'a gun alone sprays nothing', ['compressor']),
      have('beard', 'A beard in shape', 'a beard is seen before a skin is', ['comb']),
      have('trim', 'Stray hairs', 'only with their leave', ['tweezers', 'scissors'], { count: 2 }),
      have('shave', 'A clean neck line', 'blades are used once; a licence may be needed', ['disposable blades']),
      have('vivid', 'Colour that is asked for on stage', 'few, small and mixable', ['eye colour'], { count: 2 }),
    ],
  },
]
