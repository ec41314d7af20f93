import { isToolKind, type OwnedKind } from '../stock/things/kinds'

/* How a tool is made clean between faces: what drinks up is washed or thrown away, what is hard is disinfected. */

/** What usually drinks up what touches it. */
const POROUS: readonly OwnedKind[] = ['brush', 'sponge', 'puff', 'spoolie', 'towel', 'headband', 'comb']
/** What is thrown away after one face whatever it is made of. */
const ONCE: readonly OwnedKind[] = [
  'puff',
  'mascara wands',
  'lip applicators',
  'cotton rounds',
  'cotton buds',
  'cotton wool',
  'disposable spatulas',
  'disposable sponges',
  'disposable blades',
  'gloves',
  'face masks',
  'tissues',
  'blotting sheets',
]
/** What touches nobody's skin. */
const APART: readonly OwnedKind[] = [
  'case',
  'pouch',
  'belt',
  'brush roll',
  'light',
  'power',
  'stand',
  'chair',
  'fan',
  'bottle',
  'sewing kit',
  'camera',
  'scale',
  'compressor',
  'mirror',
  'palette case',
]

/** How it is cleaned between two faces, as a clause; null where it needs nothing. @param porous as the artist entered it, if at all */
export function careOf(kind: OwnedKind, porous: boolean | null): string | null {
  if (ONCE.includes(kind)) return 'one for one face, then thrown away'
  if (!isToolKind(kind) || APART.includes(kind)) return null
  const drinks = porous ?? POROUS.includes(kind)
  if (kind === 'spray gun') return 'flushed between colours and between faces, cleaned fully after'
  if (!drinks) return 'washed, then disinfected for as long as the label of the disinfectant says'
  return POROUS.includes(kind)
    ? 'one clean for each face; washed with soap and dried fully before it is packed; never on broken skin and used again'
    : 'it drinks up what touches it, so that no disinfectant reaches all of it: washed, dried, and kept off broken skin'
}
