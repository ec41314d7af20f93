import { figure, type Word } from './words'

/** Phrases for how full something is, longest first where one holds another. */
const LEVELS: readonly (readonly [phrase: string, level: number])[] = [
  ['three quarters', 0.75],
  ['drei viertel', 0.75],
  ['trois quarts', 0.75],
  ['two thirds', 0.67],
  ['one third', 0.33],
  ['a third', 0.33],
  ['third left', 0.33],
  ['third full', 0.33],
  ['viertel ubrig', 0.25],
  ['viertel voll', 0.25],
  ['quarter left', 0.25],
  ['quarter full', 0.25],
  ['one quarter', 0.25],
  ['a quarter', 0.25],
  ['ein viertel', 0.25],
  ['un quart', 0.25],
  ['more than half', 0.6],
  ['less than half', 0.4],
  ['half full', 0.5],
  ['half empty', 0.5],
  ['half used', 0.5],
  ['half gone', 0.5],
  ['half left', 0.5],
  ['about half', 0.5],
  ['halb voll', 0.5],
  ['zur halfte', 0.5],
  ['halfte', 0.5],
  ['zwei drittel', 0.67],
  ['ein drittel', 0.33],
  ['dreiviertel', 0.75],
  ['dreiviertelvoll', 0.75],
  ['deux tiers', 0.67],
  ['un tiers', 0.33],
  ['halb leer', 0.5],
  ['a moitie', 0.5],
  ['a demi', 0.5],
  ['nearly full', 0.9],
  ['almost full', 0.9],
  ['mostly full', 0.9],
  ['fast voll', 0.9],
  ['presque plein', 0.9],
  ['presque pleine', 0.9],
  ['hardly used', 0.95],
  ['hardly touched', 0.95],
  ['barely touched', 0.95],
  ['barely opened', 0.95],
  ['never opened', 1],
  ['never touched', 1],
  ['untouched', 1],
  ['hit pan', 0.3],
  ['hitting pan', 0.3],
  ['pan visible', 0.3],
  ['pan showing', 0.3],
  ['well used', 0.4],
  ['going down', 0.4],
  ['scrapings', 0.05],
  ['last bit', 0.1],
  ['last drops', 0.05],
  ['drop left', 0.05],
  ['drops left', 0.05],
  ['on its last legs', 0.1],
  ['nearly used up', 0.1],
  ['almost used up', 0.1],
  ['half way', 0.5],
  ['halfway', 0.5],
  ['a moitie plein', 0.5],
  ['a moitie vide', 0.5],
  ['moitie', 0.5],
  ['barely used', 0.95],
  ['used once', 0.95],
  ['kaum benutzt', 0.95],
  ['like new', 0.95],
  ['nearly empty', 0.1],
  ['almost empty', 0.1],
  ['near empty', 0.1],
  ['close to empty', 0.1],
  ['almost gone', 0.1],
  ['nearly gone', 0.1],
  ['almost out', 0.1],
  ['almost done', 0.1],
  ['almost finished', 0.1],
  ['nearly done', 0.1],
  ['nearly out', 0.1],
  ['bit left', 0.1],
  ['little left', 0.1],
  ['not much left', 0.1],
  ['some left', 0.3],
  ['fast aufgebraucht', 0.1],
  ['fast alle', 0.1],
  ['aufgebraucht', 0],
  ['presque fini', 0.1],
  ['presque finie', 0.1],
  ['bientot vide', 0.1],
  ['used up', 0],
  ['all gone', 0],
  ['ran out', 0],
  ['nearly finished', 0.1],
  ['running low', 0.2],
  ['running out', 0.1],
  ['fast leer', 0.1],
  ['presque vide', 0.1],
  ['brand new', 1],
  ['not opened', 1],
  ['never used', 1],
  ['ungeoffnet', 1],
  ['unopened', 1],
  ['sealed', 1],
  ['unused', 1],
  ['neu', 1],
  ['neuf', 1],
  ['neuve', 1],
  ['new', 1],
  ['empty', 0],
  ['leer', 0],
  ['vide', 0],
  ['finished', 0],
  ['full', 1],
  ['voll', 1],
  ['plein', 1],
  ['pleine', 1],
  ['halbvoll', 0.5],
  ['halb', 0.5],
  ['half', 0.5],
  ['low', 0.2],
  ['dregs', 0.05],
  ['rest', 0.1],
]
const IN_WORDS = LEVELS.map(([phrase, level]) => ({ phrase, parts: phrase.split(' '), level }))
const LEFT: readonly string[] = ['left', 'full', 'voll', 'remaining', 'ubrig', 'plein', 'pleine']
const GONE: readonly string[] = ['used', 'gone', 'empty', 'leer', 'verbraucht']
// "full cover" and "full size" say nothing of what is left; "full lashes" neither.
const NOT_A_LEVEL: readonly string[] = [
  'cover',
  'coverage',
  'size',
  'set',
  'lashes',
  'lash',
  'strip',
  'strips',
  'face',
  'moon',
  'body',
  'length',
  'range',
]

// At the end of a line a level; anywhere else part of a name.
const AT_THE_END: Readonly<Record<string, number>> = {
  quarter: 0.25,
  third: 0.33,
  viertel: 0.25,
  drittel: 0.33,
  quart: 0.25,
  tiers: 0.33,
}

const at = (words: readonly Word[], from: number, phrase: readonly string[]) =>
  phrase.every((p, k) => words[from + k]?.text === p && !words[from + k]!.read)

/** How much is left, 0–1: "half full", "3/4", "30 % left", "almost empty", "new"; null where the line does not say. */
export function readLevel(words: readonly Word[]): number | null {
  return share(words) ?? phrased(words) ?? atTheEnd(words)
}

/** "100 of 150 left", "100 of 150 ml left": the second is what it held, with its unit or in pieces. */
export function readLeftOf(words: readonly Word[]): { level: number; pieces: number | null } | null {
  for (const [i, word] of words.entries()) {
    const [of, whole] = [words[i + 1], words[i + 2]]
    const [left, held] = [figure(word.text), figure(whole?.text ?? '')]
    if (left === null || held === null || word.read || !/^(of|von|sur)$/.test(of!.text) || left > held) continue
    const end = words.slice(i + 3, i + 6).findIndex(w => LEFT.includes(w.text))
    if (end < 0) continue
    word.read = true
    of!.read = true
    words[i + 3 + end]!.read = true
    if (end === 0) whole!.read = true
    return { level: Math.round((left / held) * 100) / 100, pieces: end === 0 ? held : null }
  }
  return null
}

// "Disinfectant 500 ml (70 %)" is how strong it is.
const WEAKEST_ALCOHOL = 60
const ALCOHOLS = /^(alc|alcohol|alkohol|alcool|isoprop|ethanol|ipa$|desinf|disinf)/
function share(words: readonly Word[]): number | null {
  for (const [i, word] of words.entries()) {
    if (word.read) continue
    const next = words[i + 1]
    const fraction = /^(\d+)\/(\d+)$/.exec(word.text)
    if (fraction) {
      const [part, whole] = [Number(fraction[1]), Number(fraction[2])]
      if (part > whole || whole === 0 || whole > 10) continue
      return taken(words, i, next, part / whole)
    }
    const value = figure(word.text)
    if (value === null || value > 100 || next?.text !== '%' || next.read) continue
    // A strength ("95 % alcohol") is no level: one says what is left, or stands at the end.
    const after = words[i + 2]
    const says = after !== undefined && (LEFT.includes(after.text) || GONE.includes(after.text))
    if (!says && after !== undefined && after.text !== ')' && after.text !== ',') continue
    if (!says && value >= WEAKEST_ALCOHOL && words.some(w => ALCOHOLS.test(w.text))) continue
    next.read = true
    return taken(words, i, after, value / 100)
  }
  return null
}
function taken(words: readonly Word[], i: number, after: Word | undefined, level: number): number {
  words[i]!.read = true
  const gone = after !== undefined && GONE.includes(after.text)
  if (after && (gone || LEFT.includes(after.text))) after.read = true
  return Math.round((gone ? 1 - level : level) * 100) / 100
}

function phrased(words: readonly Word[]): number | null {
  const texts = new Set(words.map(w => w.text))
  for (const { phrase, parts, level } of IN_WORDS) {
    if (!texts.has(parts[0]!)) continue
    for (let i = 0; i < words.length; i++) {
      if (!at(words, i, parts) || (words[i]!.not && !/^(not|never|hardly|barely)$/.test(parts[0]!))) continue
      const after = words[i + parts.length]
      if (parts.length === 1 && after && NOT_A_LEVEL.includes(after.text)) continue
      // "12 pans, 2 pans hit pan": some of its pans, not all that is in it.
      if (/^hit(ting)? pan$/.test(phrase) && /^pans?$/.test(words[i - 1]?.text ?? '')) continue
      // Lashes are full or sparse, whatever is left of them.
      if (phrase === 'full' && words.some(w => /^(lash|eyelash|wimper|cils)/.test(w.text))) continue
      for (let k = 0; k < parts.length; k++) words[i + k]!.read = true
      if (after && !after.read && LEFT.includes(after.text)) after.read = true
      return level
    }
  }
  return null
}

function atTheEnd(words: readonly Word[]): number | null {
  const last = words.at(-1)
  const level = last && !last.read && words.length > 1 ? AT_THE_END[last.text] : undefined
  if (level === undefined) return null
  last!.read = true
  return level
}
