import { distance } from 'fastest-levenshtein'
import { VOCABULARY } from './vocabulary'
import type { Word } from './words'

/* What a word was meant to be that no list of kinds holds: a slip of the pen, or a compound of one that is held. */

// Shorter words are too near to others: "base" and "case".
const SHORTEST = 6
const TWO_SLIPS_FROM = 9
// German says last what a thing is; a shorter ending is found in words that mean something else.
const SHORTEST_ENDING = 5

const known = new Set(VOCABULARY.flatMap(e => e.phrase))
const long = [...known].filter(word => word.length >= SHORTEST - 1 && !word.includes('-'))
const alone = [...new Set(VOCABULARY.filter(e => e.phrase.length === 1).map(e => e.phrase[0]!))]
  .filter(word => word.length >= SHORTEST_ENDING)
  .sort((x, y) => y.length - x.length)

// What German compounds begin with, where the rest says what it is.
const BEGINNINGS =
  /^(augenbrauen|brauen|lippen|wimpern|lidschatten|augen|pinsel|haar|korper|gesichts|einweg|einmal|reise|schmink|reinigungs|feuchtigkeits|sonnen|fixier|abdeck|abschmink|desinfektions)(?=\p{L}{4})/u
const partsOf = (text: string): string[] => {
  if (known.has(text) || /^\d/.test(text)) return [text]
  if (text.includes('-')) return text.split('-').filter(part => part !== '')
  const begins = BEGINNINGS.exec(text)
  return begins ? [begins[0], text.slice(begins[0].length)] : [text]
}

/** The words of a line as they are spoken: "make up" is one, "Concealer-Palette" and "Augenbrauenpomade" are two. */
export function asSpoken(words: readonly Word[]): Word[] {
  const joined = words.flatMap((word, i) => {
    if (word.text === 'make' && words[i + 1]?.text === 'up') return [{ ...word, text: 'make-up' }]
    if (word.text === 'up' && words[i - 1]?.text === 'make') return []
    return [word]
  })
  return joined.flatMap(word => partsOf(word.text).map(text => (text === word.text ? word : { ...word, text })))
}

/** "Foundaton", "eyelinr", "mosturiser": the nearest word that names a thing, where it is one slip away, two in a long word; else itself. */
export function spelt(word: string): string {
  if (word.length < SHORTEST || known.has(word) || !/^\p{L}+$/u.test(word)) return word
  const slips = word.length >= TWO_SLIPS_FROM ? 2 : 1
  let best = word
  let least = slips + 1
  for (const other of long) {
    if (Math.abs(other.length - word.length) > slips || other[0] !== word[0]) continue
    const d = distance(word, other)
    if (d < least) [best, least] = [other, d]
  }
  return best
}

/** The word a compound ends in: "Abdeckpuder", "Teint-Grundierung". */
export function endingOf(word: string): string | null {
  // "Retractable" ends in no table.
  if (known.has(word) || /[ai]ble$/.test(word)) return null
  const last = word.split('-').at(-1)!
  if (last !== word && known.has(last)) return last
  return alone.find(end => last !== end && last.length > end.length + 1 && last.endsWith(end)) ?? null
}
