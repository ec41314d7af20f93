import { NOTHING_SAID, type ChartMark, type LookBrief } from '#core/look/brief'
import type { PlanSettings } from '#core/plan/settings'
import { skinAt } from '#core/complexion/skin'
import type { FaceFacts, Zone, ZoneState } from '#core/suitability/face'
import { USUAL, type JobFacts, type JobType } from '#core/suitability/job'
import type { KitItem } from '#core/product/item'
import { face, withList } from '../support/suitability'

/*
 * Faces in a day, beside those of the demo: each with what a good artist would do and would not, on the kit of the demo.
 */
export interface DayCase {
  /** Who and what for, as an artist would say it. */
  who: string
  face: FaceFacts
  job: JobFacts
  settings?: Partial<PlanSettings>
  /** Things carried beside the kit of the demo. */
  extra?: readonly KitItem[]
  /** What of the demo's kit was left at home. */
  without?: (item: KitItem) => boolean
  expect: {
    programme?: FaceFacts['programme']
    /** Places that are filled. */
    has?: readonly string[]
    /** Places that are not there. */
    lacks?: readonly string[]
    /** What stands in a place, by what it must be. */
    is?: Readonly<Record<string, (item: KitItem) => boolean>>
    /** What no layer, alternative or offer may be. */
    never?: (item: KitItem) => boolean
    /** What has to be told as missing or not as asked. */
    tells?: readonly RegExp[]
    /** What is done beside the layers. */
    steps?: readonly string[]
    noSteps?: readonly string[]
    minutes?: readonly [least: number, most: number]
  }
}

interface Who extends Partial<Omit<FaceFacts, 'zones' | 'brief' | 'skin'>> {
  skin: readonly [depth: number, deviation?: number, ratio?: number]
  zones?: Partial<Record<Zone, readonly ZoneState[]>>
  brief?: Partial<LookBrief>
}
const who = ({ skin, zones = {}, brief = {}, ...more }: Who): FaceFacts => {
  const [depth, deviation = 0, ratio = 1] = skin
  const lab = skinAt(depth, deviation, ratio)
  return face({
    skin: lab,
    bare: lab,
    zones: Object.fromEntries(Object.entries(zones).map(([zone, states]) => [zone, { states }])),
    brief: { ...NOTHING_SAID, ...brief },
    ...more,
  })
}
const on = (type: JobType, differs: Partial<JobFacts> = {}): JobFacts => ({ ...USUAL[type], ...differs })
const mark = (area: ChartMark['area'], L: number, a: number, b: number, name = ''): ChartMark => ({
  area,
  lab: { L, a, b },
  itemId: null,
  name,
})

const EYE_WORK = ['eyes', 'eyes: crease', 'liner', 'mascara', 'lashes', 'eye primer']
const COLOUR = [...EYE_WORK, 'cheek', 'contour', 'bronze', 'highlight', 'lip colour', 'lip liner', 'lip top']
const matte = (i: KitItem) => i.finish === 'matte' || i.finish === 'satin'
const plain = (i: KitItem) => i.sparkle === 'none'
const scented = (i: KitItem) => i.flags.includes('fragrance') || i.flags.includes('fragrance allergen')
const holds =
  (...names: string[]) =>
  (i: KitItem) =>
    names.some(n => i.ingredients?.includes(n))
const red = (i: KitItem) => i.lab !== null && i.lab.a > 30 && i.lab.L < 55
const named = (is: RegExp) => (i: KitItem) => is.test(i.name)

const LATEX_FREE = withList('lash glue', 'Aqua, Acrylates Copolymer, Glycerin', { id: 'glue2', name: 'Plain glue' })
const ANTACID = withList('primer', 'Aqua, Magnesium Hydroxide, Simethicone', {
  id: 'antacid',
  name: 'White tablet milk',
})

export const DAYS: readonly DayCase[] = [
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
