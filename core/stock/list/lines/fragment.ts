import type { ThingKind } from '../../things/kinds'
import { kindIn, type KindFound } from '../kind'
import { readLevel } from '../levels'
import { textureIn } from '../form'
import { differsBy, isVariantWord, type Differ } from '../variants'
import { plain, wordsOf } from '../words'
import { each, EACH, MEASURE_SAID } from './cut'

/* What stands between two commas, and whether it is a thing or only says how one comes. */

export const PALETTE =
  /\b(palettes?|quads?|trios?|duos?|wheels?|paletten?|sets?|kits?|\d+[ -]?(pans?|colou?rs?|farben|couleurs|wells?))\b/iu

export interface Fragment {
  text: string
  found: KindFound | null
  /** How it tells one of a range from the next; null for what is no such word. */
  differs: Differ | null
  count: number | null
  /** Whether it is a thing of its own whatever it says. */
  starts?: boolean
}

export function fragmentOf(text: string): Fragment {
  const { count, rest } = each(text.replace(/[()]/g, ' '))
  const differs = differsBy(rest.replace(MEASURE_SAID, ' ').replace(EACH, ' '))
  const words = wordsOf(rest)
  const found = kindIn(words)
  // "Nude", "blush", "rouge" alone are colours as well as things.
  return { text, found: differs && words.length === 1 && found?.weak !== false ? null : found, differs, count }
}

export const isThing = (f: Fragment): boolean =>
  !/\?\s*$/.test(f.text) && f.found !== null && !f.found.weak && !isOnlyForm(f) && !isFullVessel(f)

/** "6 pots" of something, where nothing says that they are empty. */
export const isFullVessel = ({ found, text }: Fragment) =>
  found?.entry.kind === 'jars' && !/\b(empty|leer\w*|vides?|spare|travel|sample|refill\w*|screw)\b/iu.test(text)

// What often says how another thing comes, what it is for, or what belongs to it.
export const isOnlyForm = ({ text }: Fragment) =>
  /^\s*(powder|puder|poudre|cream|creme|stick|liquid|gel|balm|pen|pencil|pump|tube|jar|pot|bottle|dropper|spray|wand|pan|pans|palette|airless|sponge tip|with .*|mit .*|avec .*|for .*|für .*|pour .*|incl.*|no .*|ohne .*|sans .*|from .*|in .*|old|new|travel size|mini|base|translucent|clear|refill|tester|wedges?|(brush|felt|sponge|fine|chisel|soft) tip|\d+ (jars|pots|tubes|bottles|pans|tins))\s*$/iu.test(
    text,
  )

export const isOnlyLevel = (text: string) => {
  if (/^(used|in use|open|opened)$/i.test(text.trim())) return true
  const words = wordsOf(text)
  return words.length > 0 && readLevel(words) !== null && words.every(w => w.read || /^(left|full|used)$/.test(w.text))
}

/** "30 ml each", "half full", "opened March": said of what was named before. */
export const isFact = (text: string): boolean =>
  /^\s*\(?(opened|open|exp|geöffnet|angebrochen|seit|since|ouvert|mhd|all|alle|both|beide)\b/iu.test(text)
  || isOnlyLevel(text)
  || !/\p{L}{2}/u.test(text.replace(new RegExp(MEASURE_SAID, 'giu'), ' ').replace(EACH, ' '))

/** Whether words name another thing than what they stand behind: "brow pencil, comb". */
export function isOtherThing(text: string, kind: ThingKind): boolean {
  const found = kindIn(wordsOf(text))
  return found !== null && !found.weak && found.entry.kind !== kind
}

export const textureWord = (text: string) => textureIn(wordsOf(text), 'highlighter')

/** "Black pencil", "liquid brown": a colour and how it comes. */
export const tellsApart = (text: string): boolean => {
  const words = plain(text).match(/[\p{L}-]+/gu) ?? []
  return words.length > 0 && words.some(isVariantWord) && words.every(w => isVariantWord(w) || textureWord(w) !== null)
}
