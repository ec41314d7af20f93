import { skinAt } from '#core/complexion/skins/skin'
import { ANTACID, holds, mark, named, on, plain, red, scented, who, type DayCase } from './case'

/** What is declared, what is agreed, what is done at all, and how the artist works. */
export const LOOKS: readonly DayCase[] = [
  {
    who: 'reacts to panthenol and lanolin: no balm of the bag suits, and a scrub is none',
    face: who({ skin: [4], sensitivities: ['panthenol', 'lanolin'] }),
    job: on('personal'),
    expect: { lacks: ['lip care', 'lip care: scrub'], tells: [/lip care.*was declared/] },
  },
  {
    who: 'a bearded man deeper than every base, blemishes on the chin: no patch that shows',
    face: who({ skin: [11.8], facialHair: true, skinType: 'oily', zones: { chin: ['blemish-prone'] } }),
    job: on('screen'),
    expect: {
      programme: 'grooming',
      lacks: ['foundation'],
      tells: [/foundation of the kit does well.*seam would show/],
    },
  },
  {
    who: 'deep skin on a stage, brown eyes: a lid that lifts, no pale base under it',
    face: who({ skin: [9.5, 2], eyeColour: 'brown', hairColour: 'black' }),
    job: on('stage'),
    expect: {
      has: ['eyes', 'eyes: crease'],
      lacks: ['eye primer'],
      is: { 'eyes': i => i.lab!.L > 38 && i.kind !== 'brow', 'eyes: crease': i => i.lab!.L < 38 },
      tells: [/eye primer.*turns (pale|grey)/],
    },
  },
  {
    who: 'deep-set and small eyes on an evening',
    face: who({ skin: [4], eyeColour: 'blue', eyeShape: 'deep-set', eyeSize: 'small' }),
    job: on('evening'),
    expect: { has: ['eyes', 'mascara'], lacks: ['eyes: crease'], is: { eyes: i => i.lab!.L > 45 } },
  },
  {
    who: 'always wears a plum lip, over sixty, at a ceremony',
    face: who({ skin: [5, -2], ageBand: 'mature', normallyWears: 'Always a plum lip.' }),
    job: on('ceremony party'),
    expect: {
      has: ['lip liner', 'lip colour'],
      is: { 'lip colour': i => i.lab!.a > 10 && i.lab!.b < 0.45 * i.lab!.a && i.lab!.L < 45 },
    },
  },
  {
    who: 'outdoors with flash on deep skin',
    face: who({ skin: [9], skinType: 'normal' }),
    job: on('ceremony party', { outdoors: true, flash: true }),
    expect: { never: i => i.filter === 'mineral' && (i.spf ?? 0) >= 30 },
  },
  {
    who: 'outdoors all afternoon: sun protection has settled before the base',
    face: who({ skin: [3], skinType: 'combination' }),
    job: on('portrait', { outdoors: true }),
    expect: {
      has: ['sun protection'],
      steps: ['sun again'],
      order: [
        ['moisturise', 'sun protection'],
        ['sun protection', 'eyes'],
        ['eyes', 'foundation'],
      ],
    },
  },
  {
    who: 'a beard, and a full face with a red lip asked for',
    face: who({
      skin: [6],
      facialHair: true,
      programme: 'full face',
      brief: { lip: 'cool red', lipStrength: 'full', eyes: 'smoky', liner: 'black' },
    }),
    job: on('stage'),
    expect: {
      has: ['foundation', 'eyes', 'liner', 'lip colour'],
      is: { 'lip colour': i => i.lab!.a > 20 },
      steps: ['beard', 'brush out'],
    },
  },
  {
    who: 'dark circles between the two concealers of the bag',
    face: who({ skin: [6, 5, 1.05], skinType: 'dry', zones: { 'eye area': ['dark circles'] } }),
    job: on('personal'),
    without: i => i.kind === 'concealer' && !/Chalk Path|Saddle/.test(i.name),
    expect: { has: ['concealer'], is: { concealer: i => Math.abs(i.lab!.L - skinAt(6, 5, 1.05).L - 2) < 4 } },
  },
  {
    who: 'no scent anywhere',
    face: who({ skin: [5, 8, 1.05], noScent: true, skinType: 'dry' }),
    job: on('ceremony party', { outdoors: true }),
    expect: { has: ['lip care', 'moisturise', 'lip colour'], never: scented },
  },
  {
    who: 'reacts to lanolin and carmine',
    face: who({ skin: [4], sensitivities: ['lanolin', 'carmine'] }),
    job: on('evening'),
    expect: { has: ['lip care', 'cheek'], never: holds('lanolin', 'carmine') },
  },
  {
    who: 'mild only, reactive and dry',
    face: who({ skin: [2], skinType: 'dry', mildOnly: true, zones: { cheeks: ['reactive'] } }),
    job: on('personal'),
    expect: {
      is: { moisturise: i => !scented(i), cleanse: i => !scented(i) },
      lacks: ['bronze', 'contour', 'highlight'],
    },
  },
  {
    who: 'dark circles on fair skin',
    face: who({ skin: [1.5], zones: { 'eye area': ['dark circles'] } }),
    job: on('portrait'),
    expect: { has: ['corrector', 'concealer'], is: { corrector: named(/Shell Peach/) } },
  },
  {
    who: 'dark circles on deep skin',
    face: who({ skin: [7.5], zones: { 'eye area': ['dark circles'] } }),
    job: on('portrait'),
    without: i => i.kind === 'concealer',
    expect: { has: ['corrector'], is: { corrector: named(/Marigold|Apricot/) } },
  },
  {
    who: 'deeper chin and hairline, marks on the chin',
    face: who({
      skin: [7],
      zones: { chin: ['uneven'], hairline: ['uneven'] },
      secondTone: { skin: skinAt(9, 0, 1), zone: 'chin' },
    }),
    job: on('ceremony party'),
    expect: { has: ['foundation', 'foundation: chin', 'corrector'] },
  },
  {
    who: 'eyes only, green eyes',
    face: who({ skin: [3], programme: 'eyes only', eyeColour: 'green', brief: { eyes: 'soft', liner: 'brown' } }),
    job: on('personal'),
    expect: {
      has: ['eyes', 'liner', 'mascara', 'brows'],
      lacks: ['foundation', 'cheek', 'lip colour', 'moisturise', 'powder'],
      is: { liner: named(/brown/) },
    },
  },
  {
    who: 'body only: arms and legs with a fake tan',
    face: who({ skin: [6, 6], programme: 'body only' }),
    job: on('stage', { limbs: 4 }),
    expect: {
      has: ['body', 'set'],
      lacks: ['foundation', 'cleanse', 'eyes', 'lip colour', 'brows'],
      minutes: [35, 60],
    },
  },
  {
    who: 'a touch-up between two numbers',
    face: who({ skin: [5], skinType: 'oily', programme: 'touch-up' }),
    job: on('stage'),
    expect: {
      has: ['powder', 'lip colour'],
      lacks: ['cleanse', 'moisturise', 'foundation', 'eyes', 'mascara'],
      steps: ['blot'],
      minutes: [3, 15],
    },
  },
  {
    who: 'as agreed on the chart: a violet lid nobody would choose by depth',
    face: who({
      skin: [4],
      programme: 'as agreed on the chart',
      chart: [mark('lid', 50, -20, -34, 'Kingfisher'), mark('lips', 62, 18, 16, 'Linen')],
    }),
    job: on('editorial'),
    expect: {
      has: ['eyes', 'lip colour', 'foundation'],
      lacks: ['cheek', 'brows', 'liner', 'contour'],
      is: { 'eyes': named(/Kingfisher/), 'lip colour': named(/Linen/) },
    },
  },
  {
    who: 'an editorial with vivid lips on the chart and a full face',
    face: who({ skin: [6], chart: [mark('lips', 48, 58, 40, 'a signal red')] }),
    job: on('editorial'),
    expect: { has: ['lip colour', 'foundation'], is: { 'lip colour': red } },
  },
  {
    who: 'copper hair and brows, pale, natural',
    face: who({ skin: [1.2, -3], hairColour: 'copper', brows: 'sparse', eyeColour: 'blue' }),
    job: on('ceremony party'),
    expect: { is: { brows: named(/Rust/) } },
  },
  {
    who: 'silver hair, brows nearly gone',
    face: who({ skin: [3], hairColour: 'silver', browColour: 'grey', brows: 'sparse', ageBand: 'mature' }),
    job: on('portrait'),
    expect: { is: { brows: named(/Ash/), eyes: plain } },
  },
  {
    who: 'brows to be left alone, no liner',
    face: who({ skin: [5], brief: { brows: 'leave', liner: 'none' } }),
    job: on('evening'),
    expect: { lacks: ['brows', 'liner'] },
  },
  {
    who: 'bronzed cheeks and a glow, dry skin, summer party',
    face: who({ skin: [4.5, 5], skinType: 'dry', finish: 'dewy', brief: { cheeks: 'bronzed', glow: 'yes' } }),
    job: on('personal', { outdoors: true }),
    expect: { has: ['bronze', 'glow', 'sun protection'], is: { bronze: named(/Noon/) } },
  },
  {
    who: 'a teenager with blemishes, oily',
    face: who({ skin: [4.7], ageBand: 'teen', skinType: 'oily', zones: { forehead: ['blemish-prone'] } }),
    job: on('portrait', { flash: true }),
    expect: {
      has: ['concealer', 'powder'],
      lacks: ['eyes', 'liner', 'contour'],
      is: { 'lip colour': i => i.finish !== 'matte' },
    },
  },
  {
    who: 'tears expected, combination skin',
    face: who({ skin: [7, 9, 0.9], skinType: 'combination' }),
    job: on('ceremony party'),
    expect: { is: { mascara: i => i.resists.includes('water') }, has: ['set', 'eye primer', 'moisturise: cheeks'] },
  },
  {
    who: 'flash all evening, oily',
    face: who({ skin: [5], skinType: 'oily' }),
    job: on('evening'),
    expect: { is: { foundation: i => !(i.filter === 'mineral' && (i.spf ?? 0) >= 30) } },
  },
  {
    who: 'full and matte asked where the kit has neither',
    face: who({ skin: [8], skinType: 'oily', coverage: 'full', finish: 'matte' }),
    job: on('evening'),
    expect: { tells: [/medium cover where full was asked/, /satin where matte was asked/] },
  },
  {
    who: 'a known client whose recipe still fits',
    face: who({ skin: [3.85, 2.2, 1], recipes: [] }),
    job: on('personal'),
    expect: { has: ['foundation'] },
  },
  {
    who: 'toner always, blotting only, skin straight through',
    face: who({ skin: [5], skinType: 'oily' }),
    job: on('screen'),
    settings: { toner: 'always', powder: 'blot only', order: 'skin straight through' },
    expect: { has: ['tone'], lacks: ['powder', 'powder: under the eye'], steps: ['blot'] },
  },
  {
    who: 'somebody keeps an antacid as a mattifier in the bag',
    face: who({ skin: [5], skinType: 'oily', zones: { nose: ['textured'] } }),
    job: on('ceremony party'),
    extra: [ANTACID],
    expect: { has: ['primer'], never: holds('magnesium hydroxide') },
  },
  {
    who: 'a lesson: little, what she can buy herself',
    face: who({ skin: [4, -6], normallyWears: 'just a little' }),
    job: on('lesson'),
    expect: { programme: 'full face', lacks: ['contour', 'highlight', 'liner'], has: ['eyes', 'cheek', 'lip colour'] },
  },
]
