import { COLOUR, EYE_WORK, LATEX_FREE, holds, matte, named, on, plain, scented, who, type DayCase } from './case'

/** Men, children, mothers; skins, lips and lashes that need care. */
export const PEOPLE: readonly DayCase[] = [
  {
    who: 'a bearded manager, oily, on camera',
    face: who({ skin: [4], skinType: 'oily', facialHair: true }),
    job: on('screen'),
    expect: {
      programme: 'grooming',
      has: ['cleanse', 'moisturise', 'lip care', 'powder', 'brows'],
      lacks: [...COLOUR, 'foundation'],
      is: { powder: matte, brows: i => i.lab === null },
      steps: ['beard', 'trim', 'stray brows', 'shine rounds'],
      minutes: [12, 35],
    },
  },
  {
    who: 'a bearded man with red cheeks, close portrait',
    face: who({ skin: [2, -6], facialHair: true, zones: { cheeks: ['redness'] } }),
    job: on('portrait'),
    expect: {
      programme: 'grooming',
      has: ['corrector', 'foundation'],
      lacks: COLOUR,
      is: { corrector: named(/Leaf/), foundation: plain },
      steps: ['brush out'],
    },
  },
  {
    who: 'a clean-shaven speaker who wears none, dry, live on screen',
    face: who({ skin: [6, 4], skinType: 'dry', bareFaced: true, normallyWears: 'nothing' }),
    job: on('screen', { hours: 3 }),
    expect: {
      programme: 'skin and brows',
      has: ['foundation', 'moisturise', 'brows'],
      lacks: COLOUR,
      is: { foundation: i => i.coverage === 'sheer' || i.coverage === 'light' || i.coverage === 'medium' },
    },
  },
  {
    who: 'a bearded dancer, oily, under hot lights',
    face: who({ skin: [8], skinType: 'oily', facialHair: true, finish: 'matte' }),
    job: on('stage'),
    expect: {
      programme: 'skin and brows',
      has: ['foundation', 'powder', 'set'],
      lacks: COLOUR,
      steps: ['beard', 'brush out', 'shine rounds'],
    },
  },
  {
    who: 'a child at a school photograph outdoors',
    face: who({ skin: [3], ageBand: 'child', coverage: 'sheer' }),
    job: on('portrait', { outdoors: true }),
    expect: {
      programme: 'skin and brows',
      has: ['cleanse', 'moisturise', 'lip care', 'sun protection'],
      lacks: [...COLOUR, 'primer', 'foundation', 'brows', 'mask', 'powder'],
      never: scented,
      minutes: [4, 12],
    },
  },
  {
    who: 'a child dancing on a stage',
    face: who({ skin: [9], ageBand: 'child', coverage: 'sheer' }),
    job: on('stage'),
    expect: {
      has: ['foundation'],
      lacks: [...EYE_WORK, 'contour', 'highlight', 'lip liner', 'set', 'primer'],
      never: i => scented(i) || i.sparkle === 'coarse',
    },
  },
  {
    who: 'a mother of the party who wants no shimmer',
    face: who({
      skin: [3.5, 5, 1.05],
      ageBand: 'mature',
      skinType: 'dry',
      brief: { shimmer: { eyes: 'none', cheeks: 'none', lips: 'none' } },
    }),
    job: on('ceremony party'),
    expect: {
      programme: 'full face',
      has: ['eyes', 'mascara', 'lip liner', 'lip colour', 'set'],
      lacks: ['highlight', 'contour', 'liner'],
      is: { eyes: i => plain(i) && matte(i), cheek: plain, mascara: i => i.resists.includes('tears') },
    },
  },
  {
    who: 'a lead person with a cool red lip agreed, deep, oily',
    face: who({ skin: [9.5, 2], skinType: 'oily', brief: { lip: 'cool red', lipStrength: 'full' } }),
    job: on('ceremony party'),
    expect: { has: ['lip colour', 'lip liner', 'powder'], is: { 'lip colour': named(/Claret|Fig|Brick|Sloe/) } },
  },
  {
    who: 'fair and rosy, flushes easily, evening',
    face: who({ skin: [1.5, -8], zones: { cheeks: ['redness', 'reactive'] } }),
    job: on('evening'),
    expect: {
      has: ['corrector', 'cheek'],
      is: { 'corrector': named(/Leaf/), 'cheek': plain, 'lip care': i => !scented(i) },
    },
  },
  {
    who: 'deepest skin on a stage, strong eye',
    face: who({ skin: [11.5], brief: { eyes: 'smoky' } }),
    job: on('stage'),
    expect: { has: ['eyes', 'cheek'], is: { cheek: i => i.lab!.L < 45 }, tells: [/no recipe of this kit matches/] },
  },
  {
    who: 'open pores, wants it natural, portrait',
    face: who({ skin: [5], zones: { nose: ['textured'], cheeks: ['textured'] } }),
    job: on('portrait'),
    expect: {
      has: ['primer'],
      lacks: ['highlight', 'glow'],
      is: { primer: i => i.family === 'silicone', foundation: plain, cheek: plain },
    },
  },
  {
    who: 'open pores on an evening that usually shines',
    face: who({ skin: [6, 6], skinType: 'oily', zones: { cheeks: ['textured'] } }),
    job: on('evening'),
    expect: { lacks: ['highlight', 'glow'], has: ['primer', 'powder'] },
  },
  {
    who: 'chapped lips, wants a matte lip that stays',
    face: who({ skin: [4.5], zones: { lips: ['chapped'] }, brief: { lip: 'warm red', lipFinish: 'matte' } }),
    job: on('evening'),
    expect: {
      has: ['lip care: scrub', 'lip care', 'lip colour'],
      is: { 'lip care: scrub': i => i.texture === 'other', 'lip care': i => i.texture !== 'other' },
    },
  },
  {
    who: 'broken lips',
    face: who({ skin: [4.5], zones: { lips: ['broken'] } }),
    job: on('personal'),
    expect: {
      has: ['lip care'],
      lacks: ['lip care: scrub', 'lip colour', 'lip liner', 'lip top'],
      is: { 'lip care': i => i.texture !== 'other' },
      tells: [/lips are broken or sunburnt: the area is left bare/],
    },
  },
  {
    who: 'sunburnt nose and cheeks after sailing',
    face: who({ skin: [2.6, 5], zones: { cheeks: ['sunburnt'], nose: ['sunburnt'] } }),
    job: on('portrait', { outdoors: true }),
    expect: { has: ['sun protection'], lacks: ['cheek', 'highlight'], never: holds('alcohol denat.') },
  },
  {
    who: 'signs of an eye infection on the day',
    face: who({ skin: [5], zones: { 'eye area': ['signs of infection'] }, wantsLashes: 'full' }),
    job: on('ceremony party'),
    expect: { lacks: [...EYE_WORK, 'eye care', 'brows', 'mask', 'concealer'], tells: [/pharmacist or doctor/] },
  },
  {
    who: 'lashes asked for, a declared latex reaction',
    face: who({ skin: [6], wantsLashes: 'full', sensitivities: ['latex'] }),
    job: on('evening'),
    expect: { lacks: ['lashes', 'lash glue'], never: holds('rubber latex'), tells: [/latex was declared/] },
  },
  {
    who: 'the same with a glue without latex in the bag',
    face: who({ skin: [6], wantsLashes: 'full', sensitivities: ['latex'], eyeShape: 'hooded' }),
    job: on('evening'),
    extra: [LATEX_FREE],
    expect: {
      has: ['lashes', 'lash glue'],
      is: { 'lash glue': named(/Plain glue/), 'lashes': i => i.coverage === 'full' },
      never: holds('rubber latex'),
      steps: ['lash spare', 'lash removal'],
    },
  },
  {
    who: 'sparse lashes for someone who wears little',
    face: who({ skin: [3, 6], wantsLashes: 'sparse', normallyWears: 'a little mascara' }),
    job: on('ceremony party'),
    expect: { has: ['lashes'], is: { lashes: i => i.coverage === 'sheer' } },
  },
  {
    who: 'lash extensions',
    face: who({ skin: [7], lashExtensions: true }),
    job: on('evening'),
    expect: { lacks: ['mascara', 'lashes', 'lash glue'] },
  },
]
