import type { Family } from '../../complexion/bottles/product'
import type { Dispenser, ItemKind, Texture } from '../../product/item'

/* A gel or a cream that has shrunk and dried can be worked up again with its medium, a few times, while its day has not come. */

export interface ToRevive {
  kind: ItemKind
  texture: Texture
  family: Family
  /** Of its pack. */
  dispenser: Dispenser
  /** International names in the order of the list; null where no list is on record. */
  ingredients: readonly string[] | null
  /** What is left, in grams or millilitres. */
  left: number
  isPast: boolean
  /** How often it was done. */
  times: number
}

export interface ReviveAdvice {
  /** Why not, or not any more; null where it can be. */
  refused: string | null
  /** What it is done with: media of these bases, the nearest first. */
  bases: readonly Family[]
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

/** What goes off into the air, by what it is made of: the first of them in a list is what has dried out. */
const SOLVENTS: readonly (readonly [names: RegExp, family: Family])[] = [
  [
    /^(isododecane|isohexadecane|c\d+-\d+ (isoparaffin|alkane)|undecane|tridecane|petroleum distillates)$/i,
    'hydrocarbon',
  ],
  [/^(cyclo\w*siloxane|cyclomethicone|disiloxane|trisiloxane|dimethicone|phenyl trimethicone)$/i, 'silicone'],
  [/^(alcohol|alcohol denat\.?|ethanol|isopropyl alcohol)$/i, 'alcohol'],
  [/^(aqua|water|aqua \(water\)|water \(aqua\))$/i, 'water'],
]
const solventIn = (ingredients: readonly string[]): Family | undefined =>
  ingredients.flatMap(name => SOLVENTS.find(([names]) => names.test(name.trim()))?.[1] ?? [])[0]

/** The media that go into what dries out of it; water brings in what the pot is not kept against. */
const MEDIA: Partial<Record<Family, readonly Family[]>> = {
  silicone: ['silicone', 'hydrocarbon'],
  hydrocarbon: ['hydrocarbon', 'silicone'],
  oil: ['oil'],
}
/** What stands open when it is used; a pencil is sharpened, and a pen or a tube that has dried is done with. */
const OPEN: readonly Dispenser[] = ['pot', 'pan']

/** @returns null where nothing of the kind dries out */
export function reviveAdvice(of: ToRevive): ReviveAdvice | null {
  const { kind, texture, family, dispenser, ingredients, left, isPast, times } = of
  if (!DRIES.includes(texture) || !POTS.includes(kind) || !OPEN.includes(dispenser)) return null
  const no = (refused: string): ReviveAdvice => ({ refused, bases: [], most: 0, how: [] })
  if (isPast) return no('its last day is over: retire it')
  if (times >= MOST_REVIVALS)
    return no(`it was revived ${times} times: its colour and its hold are not what they were, retire it`)
  if (left <= 0) return no('there is nothing left to revive')
  const solvent = solventIn(ingredients ?? []) ?? family
  const bases = MEDIA[solvent]
  if (!bases)
    return no(
      solvent === 'unknown'
        ? 'its base is not known: tell it first, the wrong medium separates'
        : `what is on a ${solvent} base is not revived: what dries out of it took with it what keeps it`,
    )
  return {
    refused: null,
    bases,
    most: Math.round(left * MOST_SHARE * 100) / 100,
    how: [
      'scrape off the dry top; if it smells, has changed colour or separated, throw it away instead',
      'one drop at a time with a clean spatula, worked through before the next',
      'try it on your own skin before it goes on anybody',
      times === 0 ? 'it does this twice, no more' : 'this is the last time',
    ],
  }
}
