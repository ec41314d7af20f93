import { ITEM_KINDS, type ItemKind } from '../../product/item'
import type { ProductSort } from './things'

/* Every kind of thing an artist owns: what goes on a face, what puts it there, and what is used up or stands by. */

/** Used again and again; brushes differ by shape. */
// prettier-ignore
export const TOOL_KINDS = [
  'brush', 'sponge', 'puff', 'spoolie', 'tweezers', 'scissors', 'lash curler', 'lash applicator', 'sharpener',
  'mixing palette', 'spatula', 'palette case', 'spray gun', 'compressor', 'mirror', 'light', 'power', 'stand',
  'chair', 'case', 'pouch', 'belt', 'brush roll', 'clip', 'headband', 'comb', 'razor', 'trimmer', 'scale', 'towel',
  'mat', 'fan', 'bottle', 'sewing kit', 'camera',
] as const
export type ToolKind = (typeof TOOL_KINDS)[number]

/** Used up or thrown away, or there for when something happens. */
// prettier-ignore
export const SUPPLY_KINDS = [
  'mascara wands', 'lip applicators', 'cotton rounds', 'cotton buds', 'cotton wool', 'tissues', 'wet wipes',
  'blotting sheets', 'disposable spatulas', 'disposable sponges', 'disposable blades', 'gloves', 'face masks',
  'capes', 'alcohol', 'hand gel', 'brush cleanser', 'surface wipes', 'soap', 'rubbish bags', 'tape', 'pins',
  'plasters', 'first-aid box', 'mints', 'straws', 'lint roller', 'labels', 'jars', 'kitchen roll', 'business cards',
  'paperwork', 'hair ties', 'hair spray', 'water', 'snacks', 'pain relief', 'sanitary towels', 'hair grips',
] as const
export type SupplyKind = (typeof SUPPLY_KINDS)[number]

/** What a list names and nobody can tell yet. */
export const UNKNOWN_KIND = 'unknown'
export const GEAR_KINDS = [...TOOL_KINDS, ...SUPPLY_KINDS, UNKNOWN_KIND] as const
export type GearKind = (typeof GEAR_KINDS)[number]
export type ThingKind = ItemKind | ToolKind | SupplyKind
export const OWNED_KINDS = [...ITEM_KINDS, ...GEAR_KINDS] as const
export type OwnedKind = (typeof OWNED_KINDS)[number]

/** Brush shapes, named for what they are taken for: plans name them so. */
// prettier-ignore
export const BRUSH_SHAPES = [
  'foundation brush', 'concealer brush', 'powder brush', 'large soft brush', 'cheek brush', 'small soft brush',
  'blending brush', 'flat eye brush', 'small flat brush', 'fine liner brush', 'angled brush', 'lip brush',
] as const
export type BrushShape = (typeof BRUSH_SHAPES)[number]

export const isItemKind = (kind: OwnedKind): kind is ItemKind => (ITEM_KINDS as readonly string[]).includes(kind)
export const isToolKind = (kind: OwnedKind): kind is ToolKind => (TOOL_KINDS as readonly string[]).includes(kind)

export const sortOfKind = (kind: OwnedKind): ProductSort =>
  isItemKind(kind) ? 'cosmetic' : kind === UNKNOWN_KIND ? 'unknown' : isToolKind(kind) ? 'tool' : 'supply'

/** What things are for, in the order they come out: how an artist looks for them. */
// prettier-ignore
const PURPOSES_OF_KINDS = {
  'prep': ['remover', 'cleanser', 'toner', 'mask', 'moisturiser', 'eye care', 'lip care', 'sun protection', 'primer', 'glow'],
  'base': ['medium', 'corrector', 'foundation', 'adjuster', 'concealer', 'body make-up'],
  'powder': ['powder'],
  'brow': ['brow'],
  'eye': ['eye primer', 'eye colour', 'liner'],
  'lash': ['mascara', 'lashes', 'lash glue', 'lash curler', 'lash applicator'],
  'cheek': ['contour', 'bronzer', 'blush', 'highlighter'],
  'lip': ['lip liner', 'lip colour', 'gloss'],
  'set': ['setting spray'],
  'brushes': ['brush', 'brush roll', 'sponge', 'puff', 'spoolie'],
  'tools': ['tweezers', 'scissors', 'sharpener', 'mixing palette', 'spatula', 'spray gun', 'compressor', 'mirror',
    'clip', 'headband', 'comb', 'razor', 'trimmer', 'scale', 'camera', 'hair ties', 'hair grips', 'hair spray'],
  'disposables': ['mascara wands', 'lip applicators', 'cotton rounds', 'cotton buds', 'cotton wool', 'tissues',
    'wet wipes', 'blotting sheets', 'disposable spatulas', 'disposable sponges', 'disposable blades', 'gloves', 'face masks'],
  'hygiene': ['alcohol', 'hand gel', 'brush cleanser', 'surface wipes', 'soap', 'rubbish bags', 'kitchen roll', 'towel', 'mat'],
  'clothing protection': ['capes', 'tape', 'pins', 'lint roller', 'sewing kit'],
  'comfort': ['plasters', 'first-aid box', 'mints', 'straws', 'water', 'snacks', 'pain relief', 'sanitary towels', 'fan', 'chair'],
  'business': ['business cards', 'paperwork', 'labels'],
  'light and power': ['light', 'power', 'stand'],
  'cases': ['case', 'pouch', 'belt', 'palette case', 'bottle', 'jars'],
  'not sorted yet': ['unknown'],
} as const satisfies Record<string, readonly OwnedKind[]>
export type Purpose = keyof typeof PURPOSES_OF_KINDS
export const PURPOSES = Object.keys(PURPOSES_OF_KINDS) as Purpose[]

const byKind = new Map<OwnedKind, Purpose>(
  PURPOSES.flatMap(purpose => PURPOSES_OF_KINDS[purpose].map(kind => [kind, purpose] as const)),
)
export const purposeOf = (kind: OwnedKind): Purpose => byKind.get(kind) ?? 'not sorted yet'

/** Kinds of things that are there for their colour. */
// prettier-ignore
const COLOURED: readonly OwnedKind[] = [
  'corrector', 'foundation', 'adjuster', 'concealer', 'contour', 'bronzer', 'blush', 'highlighter', 'brow', 'eye colour', 'liner', 'mascara',
  'lip liner', 'lip colour', 'body make-up',
]
/** Kinds whose shades follow skins from light to deep. */
const IN_DEPTH: readonly OwnedKind[] = ['foundation', 'concealer', 'contour', 'bronzer', 'body make-up']
export const inDepth = (kind: OwnedKind): boolean => IN_DEPTH.includes(kind)
export const hasItsColour = (kind: OwnedKind): boolean => COLOURED.includes(kind)
