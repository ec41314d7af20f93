import type { Technique } from '../complexion/mixing/worn'
import type { Zone } from './face'
import type { ItemKind, Place } from '../product/item'
import type { MethodOrder } from './settings'

// prettier-ignore
export const SLOT_IDS = [
  'cleanse', 'tone', 'mask', 'moisturise', 'eye care', 'lip care', 'sun protection', 'primer', 'glow', 'brows',
  'eye primer', 'eyes', 'liner', 'mascara', 'lash glue', 'lashes', 'corrector', 'foundation', 'concealer', 'powder', 'contour',
  'bronze', 'cheek', 'highlight', 'lip liner', 'lip colour', 'lip top', 'body', 'set',
] as const
export type SlotId = (typeof SLOT_IDS)[number]

/** A place of a plan: a slot, with the part of the face where one slot is done more than once ("eyes: crease"). */
export type PlaceKey = SlotId | `${SlotId}: ${string}`
const PART = ': '
export const placeKey = (slot: SlotId, part: string): PlaceKey => `${slot}${PART}${part}`
/**
 * The slot of a place and its part; null for a text that names no place.
 * @example placeOf('eyes: crease') // { slot: 'eyes', part: 'crease' }
 */
export function placeOf(key: string): { slot: SlotId; part: string | null } | null {
  const at = key.indexOf(PART)
  const slot = SLOT_IDS.find(id => id === (at < 0 ? key : key.slice(0, at)))
  return slot ? { slot, part: at < 0 ? null : key.slice(at + PART.length) } : null
}

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

/** Body make-up for one limb, millilitres; starting value, ours. */
export const LIMB_ML = 3

type Usual = 'always' | 'technique' | 'takes'
const slot = (plan: Omit<SlotPlan, Usual> & Partial<Pick<SlotPlan, Usual>>): SlotPlan => ({
  always: false,
  technique: null,
  takes: [],
  ...plan,
})

/** Every place a plan can fill. Amounts and minutes are starting values for one face; the body counts per limb. */
// A table: what and where, then how long, how much and with what.
// prettier-ignore
export const SLOTS: readonly SlotPlan[] = [
  slot({ id: 'cleanse', name: 'Remove and cleanse', kinds: ['remover', 'cleanser'], ground: 'skin', place: 'face', always: true,
    minutes: 2, amount: 1.5, unit: 'ml', tool: 'cotton rounds', takes: ['cotton rounds'] }),
  slot({ id: 'tone', name: 'Tone', kinds: ['toner'], ground: 'skin', place: 'face',
    minutes: 0.5, amount: 1, unit: 'ml', tool: 'cotton round', takes: ['cotton rounds'] }),
  slot({ id: 'mask', name: 'Mask or patches', kinds: ['mask'], ground: 'skin', place: 'face',
    minutes: 3, amount: 2, unit: 'ml', tool: 'as it comes' }),
  slot({ id: 'moisturise', name: 'Moisturise', kinds: ['moisturiser'], ground: 'skin', place: 'face', always: true,
    minutes: 1.5, amount: 1, unit: 'ml', tool: 'clean fingers, pressed', takes: ['spatula'] }),
  slot({ id: 'eye care', name: 'Eye care', kinds: ['eye care'], ground: 'eyes', place: 'eyes',
    minutes: 0.5, amount: 0.15, unit: 'ml', tool: 'ring finger, tapped', takes: ['spatula'] }),
  slot({ id: 'lip care', name: 'Lip care', kinds: ['lip care'], ground: 'lips', place: 'lips', always: true,
    minutes: 0.5, amount: 0.1, unit: 'ml', tool: 'lip applicator', takes: ['lip applicator'] }),
  slot({ id: 'sun protection', name: 'Sun protection', kinds: ['sun protection'], ground: 'skin', place: 'face',
    minutes: 1, amount: 1, unit: 'ml', tool: 'fingers, even layer' }),
  slot({ id: 'primer', name: 'Primer', kinds: ['primer'], ground: 'skin', place: 'face',
    minutes: 1, amount: 0.5, unit: 'ml', tool: 'fingers, pressed', technique: 'pressed by hand' }),
  slot({ id: 'glow', name: 'Glow under the base', kinds: ['glow'], ground: 'skin', place: 'face',
    minutes: 1, amount: 0.3, unit: 'ml', tool: 'fingers' }),
  slot({ id: 'brows', name: 'Brows', kinds: ['brow'], ground: 'brows', place: 'eyes', always: true,
    minutes: 4, amount: 0.03, unit: 'g', tool: 'angled brush', takes: ['angled brush', 'spoolie'] }),
  slot({ id: 'eye primer', name: 'Eye base', kinds: ['eye primer'], ground: 'eyes', place: 'eyes',
    minutes: 1, amount: 0.05, unit: 'ml', tool: 'flat brush', takes: ['flat eye brush'] }),
  slot({ id: 'eyes', name: 'Eye colour', kinds: ['eye colour'], ground: 'eyes', place: 'eyes', always: true,
    minutes: 6, amount: 0.05, unit: 'g', tool: 'blending brush', takes: ['blending brush', 'flat eye brush'] }),
  slot({ id: 'liner', name: 'Liner', kinds: ['liner'], ground: 'eyes', place: 'eyes',
    minutes: 2, amount: 0.02, unit: 'g', tool: 'fine brush', takes: ['fine liner brush'] }),
  slot({ id: 'mascara', name: 'Mascara', kinds: ['mascara'], ground: 'lashes', place: 'eyes', always: true,
    minutes: 2, amount: 1, unit: 'ml', tool: 'disposable wand', takes: ['mascara wands'] }),
  slot({ id: 'lash glue', name: 'Lash glue', kinds: ['lash glue'], ground: 'lashes', place: 'eyes',
    minutes: 0, amount: 0.05, unit: 'ml', tool: 'fine tip, tacky before it touches', takes: ['mixing palette'] }),
  slot({ id: 'lashes', name: 'Lashes', kinds: ['lashes'], ground: 'lashes', place: 'eyes',
    minutes: 6, amount: 1, unit: 'pair', tool: 'tweezers', takes: ['lash pair'] }),
  slot({ id: 'corrector', name: 'Corrector', kinds: ['corrector'], ground: 'skin', place: 'face',
    minutes: 1.5, amount: 0.05, unit: 'g', tool: 'fingertip, tapped', technique: 'brush', takes: ['small flat brush'] }),
  slot({ id: 'foundation', name: 'Foundation', kinds: ['foundation'], ground: 'skin', place: 'face', always: true,
    minutes: 8, amount: 0.8, unit: 'ml', tool: 'brush', technique: 'brush', takes: ['foundation brush', 'sponge', 'mixing palette'] }),
  slot({ id: 'concealer', name: 'Concealer', kinds: ['concealer'], ground: 'skin', place: 'face',
    minutes: 1.5, amount: 0.25, unit: 'g', tool: 'small brush', technique: 'brush', takes: ['concealer brush'] }),
  slot({ id: 'powder', name: 'Powder', kinds: ['powder'], ground: 'skin', place: 'face',
    minutes: 1.5, amount: 0.12, unit: 'g', tool: 'small brush', technique: 'brush', takes: ['powder brush', 'puff'] }),
  slot({ id: 'contour', name: 'Contour', kinds: ['contour'], ground: 'skin', place: 'face',
    minutes: 1, amount: 0.04, unit: 'g', tool: 'angled cheek brush', takes: ['cheek brush'] }),
  slot({ id: 'bronze', name: 'Bronze', kinds: ['bronzer'], ground: 'skin', place: 'face',
    minutes: 1, amount: 0.04, unit: 'g', tool: 'large soft brush', takes: ['large soft brush'] }),
  slot({ id: 'cheek', name: 'Cheek', kinds: ['blush'], ground: 'skin', place: 'face', always: true,
    minutes: 1.5, amount: 0.04, unit: 'g', tool: 'cheek brush', takes: ['cheek brush'] }),
  slot({ id: 'highlight', name: 'Highlight', kinds: ['highlighter'], ground: 'skin', place: 'face',
    minutes: 0.5, amount: 0.04, unit: 'g', tool: 'small soft brush', takes: ['small soft brush'] }),
  slot({ id: 'lip liner', name: 'Lip liner', kinds: ['lip liner'], ground: 'lips', place: 'lips',
    minutes: 1, amount: 0.02, unit: 'g', tool: 'pencil, sharpened', takes: ['sharpener'] }),
  slot({ id: 'lip colour', name: 'Lip colour', kinds: ['lip colour'], ground: 'lips', place: 'lips', always: true,
    minutes: 2, amount: 0.04, unit: 'g', tool: 'lip brush', takes: ['lip brush'] }),
  slot({ id: 'lip top', name: 'On top of the lips', kinds: ['gloss', 'lip care'], ground: 'lips', place: 'lips',
    minutes: 1, amount: 0.1, unit: 'ml', tool: 'lip applicator', takes: ['lip applicator'] }),
  slot({ id: 'body', name: 'Body', kinds: ['body make-up'], ground: 'body', place: 'body',
    minutes: 10, amount: LIMB_ML, unit: 'ml', tool: 'large sponge', takes: ['body sponge'] }),
  slot({ id: 'set', name: 'Set', kinds: ['setting spray'], ground: 'skin', place: 'face',
    minutes: 0.5, amount: 1, unit: 'ml', tool: 'spray, arm’s length' }),
]

// prettier-ignore
const WHOLE_SKIN: readonly Zone[] = ['forehead', 'nose', 'cheeks', 'chin', 'hairline']
/** Which parts of the face a layer lies on, unless its place says otherwise. */
const LIES_ON: Partial<Record<SlotId, readonly Zone[]>> = {
  contour: ['cheeks', 'forehead', 'hairline'],
  bronze: ['forehead', 'cheeks', 'nose'],
  cheek: ['cheeks'],
  highlight: ['cheeks'],
  concealer: ['eye area', 'cheeks', 'nose', 'chin'],
}
const GROUND_ZONES: Readonly<Record<Ground, readonly Zone[]>> = {
  skin: WHOLE_SKIN,
  eyes: ['eye area'],
  brows: ['eye area'],
  lashes: ['eye area'],
  lips: ['lips'],
  body: [],
}
export const zonesOf = (id: SlotId): readonly Zone[] => LIES_ON[id] ?? GROUND_ZONES[slotPlan(id).ground]

const BY_ID = new Map(SLOTS.map(s => [s.id, s]))
export const slotPlan = (id: SlotId): SlotPlan => BY_ID.get(id)!

// Sun protection is the last of the skincare: it has to settle like the rest.
const SKINCARE: readonly SlotId[] = ['cleanse', 'tone', 'mask', 'moisturise', 'eye care', 'lip care', 'sun protection']
const UNDER_BASE: readonly SlotId[] = ['primer', 'glow']
const EYE_WORK: readonly SlotId[] = ['brows', 'eye primer', 'eyes', 'liner', 'mascara', 'lash glue', 'lashes']
// prettier-ignore
const COMPLEXION: readonly SlotId[] = [
  'corrector', 'foundation', 'concealer', 'powder', 'contour', 'bronze', 'cheek', 'highlight',
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
    'sun protection',
    ...UNDER_BASE,
    ...COMPLEXION,
    ...LAST,
  ],
  'eyes while skincare settles': [...SKINCARE, ...EYE_WORK, ...UNDER_BASE, ...COMPLEXION, ...LAST],
  'skin straight through': [...SKINCARE, ...UNDER_BASE, ...COMPLEXION, ...EYE_WORK, ...LAST],
}
