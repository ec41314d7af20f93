import type { Lab } from '../../colour/lab'
import { nudeFor } from '../../complexion/skins/nude'
import { typicalSkin, type Undertone } from '../../complexion/skins/skin'
import { hasItsColour, type OwnedKind } from '../things/kinds'
import { ADJUSTER_WORDS, type AdjusterWord } from '../things/placement'
import { wordsOf } from './words'

/* The colour a line names in words: as vague as a word is, and enough for a first answer until the real colour is entered. */

/** Colours by the words they are called by, as they look in the pan; the first that fits counts. */
const COLOUR_WORDS: readonly (readonly [words: RegExp, lab: Lab])[] = [
  [/\b(black|noir|schwarz)\b/, { L: 16, a: 0, b: 0 }],
  [/\b(dark brown|dunkelbraun|espresso|chocolate)\b/, { L: 24, a: 7, b: 8 }],
  [/\b(burgundy|bordeaux|wine|oxblood|weinrot)\b/, { L: 26, a: 28, b: 8 }],
  [/\b(terracotta|brick|rust)\b/, { L: 46, a: 30, b: 27 }],
  [/\b(peach|pfirsich|peche|apricot)\b/, { L: 74, a: 20, b: 28 }],
  [/\b(coral|koralle|corail)\b/, { L: 60, a: 42, b: 32 }],
  [/\b(orange)\b/, { L: 60, a: 38, b: 52 }],
  [/\b(red|rot|rouge|scarlet|crimson)\b/, { L: 38, a: 50, b: 26 }],
  [/\b(plum|pflaume|prune|berry|aubergine|mauve)\b/, { L: 34, a: 24, b: -4 }],
  [/\b(nude)\b/, { L: 58, a: 17, b: 16 }],
  [/\b(pink|rosa|rose|fuchsia)\b/, { L: 62, a: 32, b: 4 }],
  [/\b(taupe|greige)\b/, { L: 52, a: 5, b: 10 }],
  [/\b(brown|braun|brun|marron|bronze)\b/, { L: 36, a: 12, b: 17 }],
  [/\b(champagne|champagner|ivory|vanilla|cream|bone)\b/, { L: 84, a: 3, b: 14 }],
  [/\b(gold|golden|dore)\b/, { L: 68, a: 8, b: 38 }],
  [/\b(green|grun|vert)\b/, { L: 55, a: -22, b: 18 }],
  [/\b(blue|blau|bleu|navy)\b/, { L: 35, a: 2, b: -30 }],
  [/\b(purple|violet|lila|lilac|lavender)\b/, { L: 55, a: 20, b: -22 }],
  [/\b(yellow|gelb|jaune|banana)\b/, { L: 84, a: 4, b: 40 }],
  [/\b(white|weiss|blanc)\b/, { L: 94, a: 0, b: 3 }],
  [/\b(grey|gray|grau|gris|silver|silber|argent)\b/, { L: 55, a: 0, b: 0 }],
  [/\b(blonde?|ash)\b/, { L: 56, a: 5, b: 15 }],
]
const BLACK = COLOUR_WORDS[0]![1]
/** Kinds whose "deep" or "light" means a depth of skin. */
const LIKE_SKIN: readonly OwnedKind[] = ['foundation', 'concealer', 'contour', 'bronzer', 'body make-up', 'powder']

/** The colour that a line gives to a thing of a kind; null where the line gives none, or the kind has no colour. */
export function colourSaid(
  kind: OwnedKind,
  name: string,
  depth: number | null,
  undertone: Undertone | null,
): Lab | null {
  if (depth !== null && LIKE_SKIN.includes(kind)) return typicalSkin(depth, undertone ?? 'neutral')
  if (!hasItsColour(kind)) return null
  const text = wordsOf(name)
    .map(w => w.text)
    .join(' ')
  // A nude is nude on somebody: of a depth, it is that of the skin.
  if (kind === 'lip colour' && depth !== null && /\bnudes?\b/.test(text))
    return nudeFor(typicalSkin(depth, undertone ?? 'neutral'))
  const adjusts =
    kind === 'adjuster' ? (Object.keys(ADJUSTER_WORDS) as AdjusterWord[]).find(w => text.includes(w)) : undefined
  if (adjusts) return { ...ADJUSTER_WORDS[adjusts] }
  if (LIKE_SKIN.includes(kind) || kind === 'adjuster') return null
  const word = COLOUR_WORDS.find(([is]) => is.test(text))
  if (word) return { ...word[1] }
  // Said of nothing else, it is black.
  return kind === 'mascara' && !/\bclear\b/.test(text) ? { ...BLACK } : null
}
