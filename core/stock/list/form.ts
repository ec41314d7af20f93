import type { Resistance, Texture } from '../../product/item'
import type { ThingKind } from '../things/kinds'
import { isItemKind } from '../things/kinds'
import type { Word } from './words'

/* What a line says of the form of a cosmetic: what it is like in the hand, what it withstands, its sun protection. */

// prettier-ignore
const TEXTURES: readonly (readonly [words: RegExp, texture: Texture])[] = [
  [/^(kohl|kajal|khol|pencils?|crayons?|kajalstift\p{L}*|kohlstift\p{L}*|augenbrauenstift\p{L}*|brauenstift\p{L}*|konturenstifte?|lidschattenstift\p{L}*)$/u, 'pencil'],
  [/^(loose|lose|loser|losepuder|libre|libres)$/, 'loose powder'],
  [/^(pressed|compact|baked|gepresst\p{L}*|kompakt\p{L}*|compacte?s?|pressed-powder)$/u, 'pressed powder'],
  [/^(sticks?|stift|stylo|bullets?)$/, 'stick'],
  [/^(liquids?|fluids?|flussig\p{L}*|liquides?|fluides?|drops|tropfen|serum|serums|ink|encre|oil|huile|ol)$/u, 'fluid'],
  [/^(gels?|jelly|gelee)$|\p{L}{3}gel$|^gel(?=eyeliner|liner|stift|lidstrich|blush|rouge|mascara)/u, 'gel'],
  [/^(creams?|creamy|cremes?|cremig\p{L}*|pomade|cremerouge|whipped)$|\p{L}{4}creme$|^(creme|cream)(?=foundation|rouge|blush|kontur|contour|bronzer|highlighter|lidschatten|concealer|make)/u, 'cream'],
  [/^(balms?|baumes?|balsam|wax|wachs|cire|butter)$/, 'balm'],
  [/^(lotions?|milk|milch|lait)$/, 'lotion'],
  [/^(sprays?|mists?|brumes?|aerosol|fixierspray|spritz)$/, 'spray'],
]
const POWDER = /^(powders?|pwdr|puder|poudres?)$/
/** Where "powder" says how it comes, not what it is. */
// prettier-ignore
const ALSO_POWDER: readonly ThingKind[] = ['foundation', 'concealer', 'contour', 'bronzer', 'blush', 'highlighter', 'brow', 'eye colour', 'corrector']
// Patches and sheets are laid on, and leave nothing to be spread.
const LAID_ON = /^(sheets?|tuch|tuchmaske\p{L}*|patch|patches|pads?|augenpads|tissu|strips?)$/u

const SHAPED: readonly Texture[] = ['pencil', 'stick', 'loose powder', 'pressed powder']

/** What it is like in the hand; null where the line does not say. */
export function textureIn(words: readonly Word[], kind: ThingKind | null): Texture | null {
  if (kind === null || !isItemKind(kind) || kind === 'lashes') return null
  const said = words.filter(w => !w.not)
  if (kind === 'mask' && said.some(w => LAID_ON.test(w.text))) return 'other'
  // "Cream to powder" is what it starts as.
  const found = said.flatMap(word => {
    const parts = [word.text, ...word.text.split('-')]
    return TEXTURES.find(([is]) => parts.some(p => is.test(p)))?.[1] ?? []
  })
  // A cream stick is a stick, a gel pencil a pencil.
  const held = SHAPED.find(t => found.includes(t)) ?? found[0]
  if (held) return held
  return ALSO_POWDER.includes(kind) && said.some(w => POWDER.test(w.text)) ? 'pressed powder' : null
}

const RESISTS: readonly (readonly [said: RegExp, what: Resistance])[] = [
  [/\b(water ?proof|water-proof|water[- ]resistant|wasserfest\w*|resistante? a l'eau)/, 'water'],
  [/\b(tear[- ]?proof|tranenfest)/, 'tears'],
  [
    /\b((transfer|smudge|kiss|mask)[- ]?proof|non[- ]transfer|transfer[- ](free|resistant)|wischfest\w*|kussecht\w*|sans transfert)/,
    'transfer',
  ],
]
/** What it withstands, as far as the line says. */
export function resistsIn(words: readonly Word[], kind: ThingKind | null): Resistance[] {
  if (kind === null || !isItemKind(kind)) return []
  const text = words
    .filter(w => !w.not)
    .map(w => w.text)
    .join(' ')
  return RESISTS.filter(([said]) => said.test(text)).map(([, what]) => what)
}

const MOST_SPF = 100
/** "SPF 30", "LSF 50+": the words are read, so that the figure is no count. */
export function readSpf(words: readonly Word[]): number | null {
  for (const [i, word] of words.entries()) {
    if (!/^(spf|lsf|fps|ip)$/.test(word.text)) continue
    const next = words[i + 1]
    const value = Number(next?.text)
    if (!next || !Number.isInteger(value) || value < 2 || value > MOST_SPF) continue
    next.said = true
    return value
  }
  return null
}
