import type { Family } from '../../complexion/bottles/product'
import type { ItemKind, Texture } from '../../product/item'

/* A gel or a cream that has shrunk and dried can be worked up again with its medium, a few times, while its day has not come. */

export interface ToRevive {
  kind: ItemKind
  texture: Texture
  family: Family
  /** What is left, in grams or millilitres. */
  left: number
  isPast: boolean
  /** How often it was done. */
  times: number
}

export interface ReviveAdvice {
  /** Why not, or not any more; null where it can be. */
  refused: string | null
  /** What it is done with: media of this base. */
  medium: Family | null
  /** How much of it at the most, in the measure of the product. */
  most: number
  how: string[]
}

const DRIES: readonly Texture[] = ['gel', 'cream', 'balm']
/** Kinds that dry in their pots before they are used up. */
const POTS: readonly ItemKind[] = [
  'liner',
  'brow',
  'eye colour',
  'concealer',
  'corrector',
  'foundation',
  'blush',
  'contour',
  'bronzer',
  'highlighter',
  'lip colour',
]
export const MOST_REVIVALS = 2
// More than this makes another product of it.
const MOST_SHARE = 0.05

/** The medium that goes into a base; water brings in what the pot is not kept against. */
const MEDIUM: Partial<Record<Family, Family>> = {
  silicone: 'silicone',
  hydrocarbon: 'silicone',
  oil: 'oil',
}

/** @returns null where nothing of the kind dries out */
export function reviveAdvice({ kind, texture, family, left, isPast, times }: ToRevive): ReviveAdvice | null {
  if (!DRIES.includes(texture) || !POTS.includes(kind)) return null
  const no = (refused: string): ReviveAdvice => ({ refused, medium: null, most: 0, how: [] })
  if (isPast) return no('its last day is over: retire it')
  if (times >= MOST_REVIVALS)
    return no(`it was revived ${times} times: its colour and its hold are not what they were, retire it`)
  if (left <= 0) return no('there is nothing left to revive')
  const medium = MEDIUM[family]
  if (!medium)
    return no(
      family === 'unknown'
        ? 'its base is not known: tell it first, the wrong medium separates'
        : `what is on a ${family} base is not revived: what dries out of it took with it what keeps it`,
    )
  return {
    refused: null,
    medium,
    most: Math.round(left * MOST_SHARE * 100) / 100,
    how: [
      'scrape off the dry top; if it smells, has changed colour or separated, throw it away instead',
      'one drop at a time with a clean spatula, worked through before the next',
      'try it on your own skin before it goes on anybody',
      times === 0 ? 'it does this twice, no more' : 'this is the last time',
    ],
  }
}
