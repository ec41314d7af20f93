import type { Lab } from '../colour/lab'
import type { Coverage, Family } from '../complexion/bottles/product'
import type { IngredientFlag } from '../ingredients/flags'

export const FINISHES = ['matte', 'satin', 'natural', 'dewy', 'luminous'] as const
export type Finish = (typeof FINISHES)[number]

/** Everything a kit holds that goes on a face, in the order of the work. */
// prettier-ignore
export const ITEM_KINDS = [
  'remover', 'cleanser', 'toner', 'mask', 'moisturiser', 'eye care', 'lip care', 'sun protection', 'primer',
  'eye primer', 'glow', 'medium', 'corrector', 'foundation', 'adjuster', 'concealer', 'powder', 'contour', 'bronzer',
  'blush', 'highlighter', 'brow', 'eye colour', 'liner', 'mascara', 'lashes', 'lash glue', 'lip liner', 'lip colour',
  'gloss', 'body make-up', 'setting spray',
] as const
export type ItemKind = (typeof ITEM_KINDS)[number]

// prettier-ignore
export const TEXTURES = [
  'fluid', 'gel', 'lotion', 'cream', 'balm', 'stick', 'loose powder', 'pressed powder', 'spray', 'pencil', 'other',
] as const
export type Texture = (typeof TEXTURES)[number]

// prettier-ignore
export const DISPENSERS = [
  'pump', 'airless', 'tube', 'dropper', 'pot', 'stick', 'wand', 'aerosol', 'pan', 'pencil', 'bottle',
] as const
export type Dispenser = (typeof DISPENSERS)[number]

export const RESISTANCES = ['water', 'tears', 'transfer'] as const
export type Resistance = (typeof RESISTANCES)[number]

export const PLACES = ['face', 'eyes', 'lips', 'body'] as const
export type Place = (typeof PLACES)[number]

export const SPARKLES = ['none', 'fine', 'coarse'] as const
export type Sparkle = (typeof SPARKLES)[number]

export const FILTERS = ['none', 'mineral', 'organic', 'unknown'] as const
export type Filter = (typeof FILTERS)[number]

export const CLAIMS = ['fragrance-free', 'oil-free', 'silicone-free', 'vegan'] as const
export type Claim = (typeof CLAIMS)[number]

/** What is known of one product when it is weighed for a face. */
export interface KitItem {
  id: string
  name: string
  kind: ItemKind
  /** Further kinds of work it may do where it is safe: a lip colour as blush, brow powder as eye colour. */
  alsoFor: readonly ItemKind[]
  /** Brand and range as one name; empty when unknown. */
  range: string
  family: Family
  finish: Finish
  coverage: Coverage
  buildable: boolean
  /** Masstone; null for what has no colour to show. */
  lab: Lab | null
  /** Hiding power where it differs from what the coverage stands for. */
  hide?: number
  /** How strongly it pulls a mix against what its cover says, from measured mixes. */
  strength?: number
  texture: Texture
  /** Hours it lasts; null when not known. */
  wearHours: number | null
  resists: readonly Resistance[]
  /** Sun protection factor, 0 for none, null when not known. */
  spf: number | null
  filter: Filter
  sparkle: Sparkle
  dispenser: Dispenser
  claims: readonly Claim[]
  /** International names in order; null when no list is on record. */
  ingredients: readonly string[] | null
  flags: readonly IngredientFlag[]
  safeFor: readonly Place[]
  seenByClients: boolean
  /** 0–1 of what was bought; and what that was, in ml (or g). */
  level: number
  size: number
  /** Minor units for the whole; null when not known. */
  priceMinor: number | null
  /** Whether somebody noted when it was opened. */
  isOpen: boolean
  /** Last day of use, ISO date; null when not known. */
  useBy: string | null
  /** Brought by the person in the chair. */
  own: boolean
}

/** What stands for a product without a colour of its own: near white. */
export const CLEAR_LAB: Lab = { L: 96, a: 0, b: 2 }

const POWDERS: readonly Texture[] = ['loose powder', 'pressed powder']
export const isPowder = (item: Pick<KitItem, 'texture' | 'family'>) =>
  item.family === 'powder' || POWDERS.includes(item.texture)

const LONG_WEAR_H = 12
/** Made to stay all day: a lip of this kind dries, and is no bare lip. */
export const isLongWear = ({ wearHours }: Pick<KitItem, 'wearHours'>) => (wearHours ?? 0) >= LONG_WEAR_H

/** Textures that sink in and dry down to next to nothing. */
const LIGHT: readonly Texture[] = ['fluid', 'gel', 'lotion', 'spray']
export const isLight = ({ texture }: Pick<KitItem, 'texture'>) => LIGHT.includes(texture)

export const isOilRich = (item: Pick<KitItem, 'family' | 'texture'>) => item.family === 'oil' || item.texture === 'balm'

const SCRUB_IN_NAME = /\b(?:scrub|polish|exfoliat\w*|peel(?:ing)?|gommage)\b|peeling$/i
/** Grains that rub loose skin off, as lists name them. */
const GRAINS = /^(?:sucrose|sugar|sodium chloride|maris sal|pumice|perlite)\b|(?:seed|shell|stone|husk) powder$/i
/** Lip care that rubs: by its name, or by the grains in its list. A texture that is not known does not make it one. */
export const isScrub = ({ kind, name, texture, ingredients }: KitItem): boolean =>
  kind === 'lip care'
  && (SCRUB_IN_NAME.test(name) || (texture === 'other' && (ingredients ?? []).some(i => GRAINS.test(i))))

/** Scented, as far as its list tells. */
export const isScented = ({ flags }: Pick<KitItem, 'flags'>) =>
  flags.includes('fragrance') || flags.includes('fragrance allergen')

/** Film-forming: what dries to a film that neither sweat nor cloth takes off. */
export const formsFilm = (item: Pick<KitItem, 'family' | 'resists'>) =>
  item.resists.includes('transfer') || item.family === 'hydrocarbon'
