import { addMonths, formatISO, parseISO } from 'date-fns'
import type { Measure } from './things'
import type { Coverage, Family } from '../../complexion/bottles/product'
import type {
  Claim,
  Dispenser,
  Filter,
  Finish,
  ItemKind,
  Place,
  Resistance,
  Sparkle,
  Texture,
} from '../../product/item'

/** What sharpens a plan beyond colour; every field has a usual value by kind, to be put right when it matters. */
export interface Traits {
  alsoFor: ItemKind[]
  buildable: boolean
  texture: Texture
  wearHours: number | null
  resists: Resistance[]
  spf: number | null
  filter: Filter
  sparkle: Sparkle
  dispenser: Dispenser
  claims: Claim[]
  safeFor: Place[]
  seenByClients: boolean
  limited: boolean
  /** Months after opening; null when the pack does not say. */
  paoMonths: number | null
}

interface Usual {
  family: Family
  coverage: Coverage
  finish: Finish
  size: number
  traits: Traits
}

const traits = (
  texture: Texture,
  dispenser: Dispenser,
  safeFor: Place[],
  paoMonths: number,
  more: Partial<Traits> = {},
): Traits => ({
  alsoFor: [],
  buildable: false,
  texture,
  wearHours: null,
  resists: [],
  spf: 0,
  filter: 'none',
  sparkle: 'none',
  dispenser,
  claims: [],
  safeFor,
  seenByClients: false,
  limited: false,
  paoMonths,
  ...more,
})
const usual = (family: Family, coverage: Coverage, finish: Finish, size: number, of: Traits): Usual => ({
  family,
  coverage,
  finish,
  size,
  traits: of,
})
const FACE: Place[] = ['face']
const EYES: Place[] = ['face', 'eyes']
const LIPS: Place[] = ['lips']

/** What a product of a kind usually is. Months after opening are the shortest that packs of the kind commonly carry. */
export const USUAL_BY_KIND: Readonly<Record<ItemKind, Usual>> = {
  'remover': usual('water', 'sheer', 'natural', 200, traits('fluid', 'bottle', [...EYES, 'lips'], 6)),
  'cleanser': usual('water', 'sheer', 'natural', 150, traits('gel', 'pump', FACE, 12)),
  'toner': usual('water', 'sheer', 'natural', 200, traits('spray', 'bottle', FACE, 12)),
  'mask': usual('water', 'sheer', 'natural', 50, traits('gel', 'tube', EYES, 6)),
  'moisturiser': usual('water', 'sheer', 'natural', 50, traits('cream', 'pump', FACE, 12)),
  'eye care': usual('water', 'sheer', 'natural', 15, traits('gel', 'tube', EYES, 6)),
  'lip care': usual('oil', 'sheer', 'natural', 10, traits('balm', 'pot', LIPS, 12)),
  'sun protection': usual(
    'water',
    'sheer',
    'natural',
    50,
    traits('lotion', 'tube', FACE, 12, { spf: null, filter: 'unknown' }),
  ),
  'primer': usual('silicone', 'sheer', 'natural', 30, traits('gel', 'tube', FACE, 12)),
  'eye primer': usual('silicone', 'sheer', 'matte', 10, traits('cream', 'tube', EYES, 12)),
  'glow': usual('water', 'sheer', 'luminous', 30, traits('fluid', 'dropper', FACE, 12, { sparkle: 'fine' })),
  'medium': usual('water', 'sheer', 'natural', 30, traits('fluid', 'dropper', EYES, 12)),
  'corrector': usual('oil', 'medium', 'natural', 4, traits('cream', 'pot', EYES, 12)),
  'foundation': usual(
    'unknown',
    'medium',
    'natural',
    30,
    traits('fluid', 'bottle', FACE, 12, { wearHours: 8, spf: null, filter: 'unknown' }),
  ),
  'adjuster': usual('unknown', 'medium', 'natural', 15, traits('fluid', 'dropper', FACE, 12)),
  'concealer': usual('unknown', 'full', 'natural', 6, traits('cream', 'wand', EYES, 12, { wearHours: 8 })),
  'powder': usual('powder', 'sheer', 'matte', 20, traits('loose powder', 'pot', FACE, 24)),
  'contour': usual('powder', 'light', 'matte', 8, traits('pressed powder', 'pan', FACE, 24)),
  'bronzer': usual('powder', 'light', 'satin', 8, traits('pressed powder', 'pan', FACE, 24)),
  'blush': usual('powder', 'light', 'satin', 5, traits('pressed powder', 'pan', FACE, 24)),
  'highlighter': usual(
    'powder',
    'sheer',
    'luminous',
    5,
    traits('pressed powder', 'pan', FACE, 24, { sparkle: 'fine' }),
  ),
  'brow': usual('powder', 'medium', 'matte', 3, traits('pressed powder', 'pan', EYES, 24)),
  'eye colour': usual('powder', 'medium', 'matte', 3, traits('pressed powder', 'pan', EYES, 24)),
  'liner': usual('hydrocarbon', 'full', 'matte', 3, traits('gel', 'pot', EYES, 6)),
  'mascara': usual('water', 'full', 'matte', 8, traits('cream', 'wand', EYES, 3)),
  'lashes': usual('unknown', 'sheer', 'natural', 1, traits('other', 'bottle', EYES, 24)),
  'lash glue': usual('water', 'sheer', 'natural', 5, traits('fluid', 'tube', EYES, 3)),
  'lip liner': usual('oil', 'full', 'matte', 1, traits('pencil', 'pencil', LIPS, 12)),
  'lip colour': usual('oil', 'full', 'satin', 4, traits('stick', 'pan', LIPS, 12, { wearHours: 4 })),
  'gloss': usual('oil', 'sheer', 'luminous', 6, traits('gel', 'tube', LIPS, 12)),
  'body make-up': usual('water', 'medium', 'satin', 100, traits('lotion', 'bottle', ['body'], 12)),
  'setting spray': usual('alcohol', 'sheer', 'natural', 100, traits('spray', 'bottle', FACE, 12)),
}

/** What is weighed or counted, not poured. */
// prettier-ignore
const WEIGHED: readonly ItemKind[] = [
  'brow', 'eye colour', 'liner', 'corrector', 'concealer', 'powder', 'contour', 'bronzer', 'blush', 'highlighter',
  'lip liner', 'lip colour',
]
/** What a product is sold by. Masks that are neither cream nor gel are patches. */
export const measureOf = (kind: ItemKind, texture?: Texture): Measure =>
  kind === 'lashes' || (kind === 'mask' && texture === 'other') ? 'pair' : WEIGHED.includes(kind) ? 'g' : 'ml'

/** What is known of a product on top of what its kind usually is. */
export const traitsFor = (kind: ItemKind, said: Partial<Traits> = {}): Traits => ({
  ...USUAL_BY_KIND[kind].traits,
  ...said,
})

/** Kinds that a skin or a mix is matched with; the others have a colour of their own or none. */
export const COMPLEXION_KINDS = ['foundation', 'concealer', 'adjuster'] as const satisfies readonly ItemKind[]
export const isComplexionKind = (kind: ItemKind) => (COMPLEXION_KINDS as readonly ItemKind[]).includes(kind)

const reckoned = new Map<string, string>()
const MOST_KEPT = 20_000
/** A kit is asked for again and again, and its days stay what they are. */
function once(key: string, reckon: () => string): string {
  const known = reckoned.get(key)
  if (known !== undefined) return known
  if (reckoned.size >= MOST_KEPT) reckoned.clear()
  const day = reckon()
  reckoned.set(key, day)
  return day
}

/**
 * Last day of use: the day it was opened and the months on the jar, or the day printed on it where that is earlier. Null when neither
 * is known.
 */
export function useByOf(openedOn: string | null, paoMonths: number | null, expiresOn: string | null): string | null {
  const printed = expiresOn?.slice(0, 10) ?? null
  const open = openedFor(openedOn, paoMonths)
  return open === null || (printed !== null && printed < open) ? printed : open
}

function openedFor(openedOn: string | null, paoMonths: number | null): string | null {
  if (!openedOn || paoMonths === null) return null
  const day = openedOn.slice(0, 10)
  // The 31st of a month that has none is its last day.
  return once(`${day} ${paoMonths}`, () => formatISO(addMonths(parseISO(day), paoMonths), { representation: 'date' }))
}
