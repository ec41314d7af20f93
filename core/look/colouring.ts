import type { Lab } from '../colour/lab'

/*
 * Hair, brow and eye colours as they are said, with colours of our own behind the words. A word may stand in a sentence
 * ("dark brown, greying"); the longest that fits counts.
 */
interface Shade {
  word: string
  lab: Lab
}
const shade = (word: string, L: number, a: number, b: number): Shade => ({ word, lab: { L, a, b } })

export const HAIR_SHADES: readonly Shade[] = [
  shade('white', 84, 0, 4),
  shade('silver', 72, 0, 2),
  shade('grey', 58, 0, 2),
  shade('fair', 68, 4, 22),
  shade('ash blond', 60, 2, 13),
  shade('blond', 62, 6, 24),
  shade('dark blond', 48, 6, 17),
  shade('light brown', 42, 8, 17),
  shade('auburn', 34, 16, 18),
  shade('copper', 46, 22, 32),
  shade('red', 44, 24, 30),
  shade('brown', 33, 8, 12),
  shade('dark brown', 24, 5, 7),
  shade('black', 14, 1, 1),
]

/** Families of eye colour: what brings one out is another colour. */
export const EYE_FAMILIES = ['blue', 'grey', 'green', 'hazel', 'brown', 'dark brown'] as const
export type EyeFamily = (typeof EYE_FAMILIES)[number]

const has = (said: string, word: string) => new RegExp(`(^|[^a-z])${word}($|[^a-z])`).test(said)
const longest = <T>(list: readonly T[], word: (entry: T) => string, said: string): T | null =>
  list
    .filter(entry => has(said, word(entry)))
    .reduce<T | null>((x, y) => (x && word(x).length >= word(y).length ? x : y), null)

/** The colour that words for hair or brows name; null where no word is known. */
export const hairShade = (said: string): Lab | null =>
  longest(HAIR_SHADES, s => s.word, said.toLowerCase().replaceAll('blonde', 'blond').replaceAll('gray', 'grey'))?.lab
  ?? null

export const eyeFamily = (said: string): EyeFamily | null =>
  longest(EYE_FAMILIES, family => family, said.toLowerCase().replaceAll('gray', 'grey'))

// Pale brows are filled a little deeper than they are, or nothing is seen.
const PALE_BROW = 50
const FILLED = 10
// Under light hair brows are deeper than it, under black hair a little lighter: else they look drawn on.
const LIGHT_HAIR = 45
const DARK_HAIR = 18

/** The colour brows are filled to: their own where it is noted, else one that goes with the hair. */
export function browTarget(brow: string, hair: string): Lab | null {
  const own = hairShade(brow)
  if (own) return own.L > PALE_BROW ? { ...own, L: own.L - FILLED } : own
  const from = hairShade(hair)
  if (!from) return null
  if (from.L > LIGHT_HAIR) return { L: from.L - 14, a: from.a, b: from.b * 0.75 }
  return from.L < DARK_HAIR ? { L: 22, a: 3, b: 4 } : from
}

/** How much somebody wears as a rule, as far as their words tell. */
export type UsualWear = 'nothing' | 'little' | 'some'
export function usualWear(said: string): UsualWear | null {
  const words = said.trim().toLowerCase()
  if (words === '') return null
  if (/\b(nothing|never|none|no make-?up|bare)\b/.test(words)) return 'nothing'
  return /\b(a little|little|only|just|hardly|seldom|light|balm|sometimes)\b/.test(words) ? 'little' : 'some'
}
