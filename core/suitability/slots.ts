import type { Technique } from '../complexion/worn'
import type { ItemKind, Place } from './item'
import type { MethodOrder } from './settings'

export const SLOT_IDS = [
  'cleanse',
  'tone',
  'mask',
  'moisturise',
  'eye care',
  'lip care',
  'sun protection',
  'primer',
  'glow',
  'brows',
  'eye primer',
  'eyes',
  'liner',
  'mascara',
  'lashes',
  'corrector',
  'foundation',
  'concealer',
  'powder',
  'contour',
  'bronze',
  'cheek',
  'highlight',
  'lip liner',
  'lip colour',
  'lip top',
  'body',
  'set',
] as const
export type SlotId = (typeof SLOT_IDS)[number]

/** What lies on top of what: layers of one ground can separate from each other. */
export type Ground = 'skin' | 'eyes' | 'lips' | 'lashes' | 'brows' | 'body'

export interface SlotPlan {
  id: SlotId
  name: string
  kinds: readonly ItemKind[]
  ground: Ground
  place: Place
  minutes: number
  /** Without it the plan has a hole; else it is done only with a reason. */
  always: boolean
  tool: string
  technique: Technique | null
  /** Amount for one face and its unit; foundation has its own by coverage. */
  amount: number
  unit: 'ml' | 'g' | 'pair'
  /** Brush shape or disposable it takes out of the bag. */
  takes: readonly string[]
}

const slot = (
  id: SlotId,
  name: string,
  kinds: readonly ItemKind[],
  ground: Ground,
  place: Place,
  minutes: number,
  always: boolean,
  tool: string,
  technique: Technique | null,
  amount: number,
  unit: SlotPlan['unit'],
  takes: readonly string[] = [],
): SlotPlan => ({ id, name, kinds, ground, place, minutes, always, tool, technique, amount, unit, takes })

/** Every place a plan can fill. Amounts and minutes are starting values for one face; the body counts per limb. */
export const SLOTS: readonly SlotPlan[] = [
  slot(
    'cleanse',
    'Remove and cleanse',
    ['remover', 'cleanser'],
    'skin',
    'face',
    2,
    true,
    'cotton rounds',
    null,
    1.5,
    'ml',
    ['cotton rounds'],
  ),
  slot('tone', 'Tone', ['toner'], 'skin', 'face', 0.5, false, 'cotton round', null, 1, 'ml', ['cotton rounds']),
  slot('mask', 'Mask or patches', ['mask'], 'skin', 'face', 3, false, 'as it comes', null, 2, 'ml'),
  slot(
    'moisturise',
    'Moisturise',
    ['moisturiser'],
    'skin',
    'face',
    1.5,
    true,
    'clean fingers, pressed',
    null,
    1,
    'ml',
    ['spatula'],
  ),
  slot('eye care', 'Eye care', ['eye care'], 'eyes', 'eyes', 0.5, false, 'ring finger, tapped', null, 0.15, 'ml', [
    'spatula',
  ]),
  slot('lip care', 'Lip care', ['lip care'], 'lips', 'lips', 0.5, true, 'lip applicator', null, 0.1, 'ml', [
    'lip applicator',
  ]),
  slot(
    'sun protection',
    'Sun protection',
    ['sun protection'],
    'skin',
    'face',
    1,
    false,
    'fingers, even layer',
    null,
    1,
    'ml',
  ),
  slot('primer', 'Primer', ['primer'], 'skin', 'face', 1, false, 'fingers, pressed', 'pressed by hand', 0.5, 'ml'),
  slot('glow', 'Glow under the base', ['glow'], 'skin', 'face', 1, false, 'fingers', null, 0.3, 'ml'),
  slot('brows', 'Brows', ['brow'], 'brows', 'eyes', 4, true, 'angled brush', null, 0.03, 'g', [
    'angled brush',
    'spoolie',
  ]),
  slot('eye primer', 'Eye base', ['eye primer'], 'eyes', 'eyes', 1, false, 'flat brush', null, 0.05, 'ml', [
    'flat eye brush',
  ]),
  slot('eyes', 'Eye colour', ['eye colour'], 'eyes', 'eyes', 6, true, 'blending brush', null, 0.05, 'g', [
    'blending brush',
    'flat eye brush',
  ]),
  slot('liner', 'Liner', ['liner'], 'eyes', 'eyes', 2, false, 'fine brush', null, 0.02, 'g', ['fine liner brush']),
  slot('mascara', 'Mascara', ['mascara'], 'lashes', 'eyes', 2, true, 'disposable wand', null, 1, 'ml', [
    'mascara wands',
  ]),
  slot('lashes', 'Lashes', ['lashes'], 'lashes', 'eyes', 6, false, 'tweezers', null, 1, 'pair', ['lash pair']),
  slot('corrector', 'Corrector', ['corrector'], 'skin', 'face', 1.5, false, 'fingertip, tapped', 'brush', 0.05, 'g', [
    'small flat brush',
  ]),
  slot('foundation', 'Foundation', ['foundation'], 'skin', 'face', 8, true, 'brush', 'brush', 0.8, 'ml', [
    'foundation brush',
    'sponge',
    'mixing palette',
  ]),
  slot('concealer', 'Concealer', ['concealer'], 'skin', 'face', 1.5, false, 'small brush', 'brush', 0.25, 'g', [
    'concealer brush',
  ]),
  slot('powder', 'Powder', ['powder'], 'skin', 'face', 1.5, false, 'small brush', 'brush', 0.12, 'g', [
    'powder brush',
    'puff',
  ]),
  slot('contour', 'Contour', ['contour'], 'skin', 'face', 1, false, 'angled cheek brush', null, 0.04, 'g', [
    'cheek brush',
  ]),
  slot('bronze', 'Bronze', ['bronzer'], 'skin', 'face', 1, false, 'large soft brush', null, 0.04, 'g', [
    'large soft brush',
  ]),
  slot('cheek', 'Cheek', ['blush'], 'skin', 'face', 1.5, true, 'cheek brush', null, 0.04, 'g', ['cheek brush']),
  slot('highlight', 'Highlight', ['highlighter'], 'skin', 'face', 0.5, false, 'small soft brush', null, 0.04, 'g', [
    'small soft brush',
  ]),
  slot('lip liner', 'Lip liner', ['lip liner'], 'lips', 'lips', 1, false, 'pencil, sharpened', null, 0.02, 'g', [
    'sharpener',
  ]),
  slot('lip colour', 'Lip colour', ['lip colour'], 'lips', 'lips', 2, true, 'lip brush', null, 0.04, 'g', [
    'lip brush',
  ]),
  slot('lip top', 'On top of the lips', ['gloss'], 'lips', 'lips', 1, false, 'lip applicator', null, 0.1, 'ml', [
    'lip applicator',
  ]),
  slot('body', 'Body', ['body make-up'], 'body', 'body', 10, false, 'large sponge', null, 3, 'ml', ['body sponge']),
  slot('set', 'Set', ['setting spray'], 'skin', 'face', 0.5, false, 'spray, arm’s length', null, 1, 'ml'),
]

const BY_ID = new Map(SLOTS.map(s => [s.id, s]))
export const slotPlan = (id: SlotId): SlotPlan => BY_ID.get(id)!

const SKINCARE: readonly SlotId[] = ['cleanse', 'tone', 'mask', 'moisturise', 'eye care', 'lip care']
const UNDER_BASE: readonly SlotId[] = ['sun protection', 'primer', 'glow']
const EYE_WORK: readonly SlotId[] = ['brows', 'eye primer', 'eyes', 'liner', 'mascara', 'lashes']
const COMPLEXION: readonly SlotId[] = [
  'corrector',
  'foundation',
  'concealer',
  'powder',
  'contour',
  'bronze',
  'cheek',
  'highlight',
]
const LAST: readonly SlotId[] = ['lip liner', 'lip colour', 'lip top', 'body', 'set']

/** The slots in the order of a method. */
export const ORDER: Readonly<Record<MethodOrder, readonly SlotId[]>> = {
  // The lids are cleaned first whatever the school; what falls from the brush is wiped off before the skin is done.
  'eyes first': [
    'cleanse',
    'eye care',
    ...EYE_WORK,
    'tone',
    'mask',
    'moisturise',
    'lip care',
    ...UNDER_BASE,
    ...COMPLEXION,
    ...LAST,
  ],
  'eyes while skincare settles': [...SKINCARE, ...EYE_WORK, ...UNDER_BASE, ...COMPLEXION, ...LAST],
  'skin straight through': [...SKINCARE, ...UNDER_BASE, ...COMPLEXION, ...EYE_WORK, ...LAST],
}
