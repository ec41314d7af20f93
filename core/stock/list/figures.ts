import type { Measure } from '../things/things'
import { figure, plain, type Word } from './words'

const SMALL_NUMBERS: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  fifteen: 15,
  sixteen: 16,
  eighteen: 18,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  eighty: 80,
  hundred: 100,
  dozen: 12,
  ein: 1,
  eine: 1,
  zwei: 2,
  drei: 3,
  vier: 4,
  sieben: 7,
  neun: 9,
  zwolf: 12,
  zwanzig: 20,
  dreissig: 30,
  funfzig: 50,
  hundert: 100,
  funf: 5,
  sechs: 6,
  acht: 8,
  zehn: 10,
  dutzend: 12,
  un: 1,
  une: 1,
  deux: 2,
  trois: 3,
  quatre: 4,
  cinq: 5,
  sept: 7,
  huit: 8,
  neuf: 9,
  dix: 10,
  douze: 12,
  douzaine: 12,
  quinze: 15,
  vingt: 20,
  trente: 30,
  cinquante: 50,
  cent: 100,
}
const SINGLE_IN_PAIRS = /^(tweezers?|scissors|glasses|shears|curlers?|tongs)/i
/** "Half a dozen", "a couple of", "a pair of": written as figures; tweezers are one, whatever they are called. */
export const inFigures = (text: string): string =>
  text
    .replace(/\bhalf a dozen\b|\bein halbes dutzend\b|\bune demi-douzaine( de)?\b/giu, '6')
    .replace(/\b(?:two|2) (?:dozen|doz\.?)(?!\p{L})/giu, '24')
    .replace(/\b(?:a|one|1|ein) (?:dozen|dutzend|doz\.?(?!\p{L}))|\bune douzaine( de| d')?/giu, '12')
    .replace(/,\s*(?:a|one) (?:pair|couple)\b/giu, ' x 2')
    .replace(/\b(?:a |one )?pair of (?=(\p{L}+))/giu, (_, next: string) =>
      SINGLE_IN_PAIRS.test(next) ? '' : /^(lash|strip|false|eyelash)/i.test(next) ? '1 pair ' : '2 ',
    )
    .replace(/\b(?:a )?couple(?: of)?(?= \p{L})/giu, '2')

// Nobody owns more of a thing, nor a larger one.
const MOST = 9999
const inBounds = (value: number | null | undefined) => (value && value <= MOST ? value : null)
/** What a word counts: "3", "three", "douze"; null for a word that is no number. */
export const figureOfWord = (text: string): number | null => inBounds(figure(text) ?? SMALL_NUMBERS[plain(text)])
const numberIn = ({ text }: Word): number | null => inBounds(figure(text) ?? SMALL_NUMBERS[text])

/** What a unit of measure is in ours, and how much of it. */
const UNITS: Readonly<Record<string, readonly [Measure, number]>> = {
  ml: ['ml', 1],
  milliliter: ['ml', 1],
  millilitre: ['ml', 1],
  millilitres: ['ml', 1],
  cl: ['ml', 10],
  dl: ['ml', 100],
  l: ['ml', 1000],
  litre: ['ml', 1000],
  liter: ['ml', 1000],
  floz: ['ml', 29.57],
  g: ['g', 1],
  gr: ['g', 1],
  gm: ['g', 1],
  gram: ['g', 1],
  grams: ['g', 1],
  gramm: ['g', 1],
  gramme: ['g', 1],
  grammes: ['g', 1],
  kg: ['g', 1000],
  oz: ['g', 28.35],
}
const PIECES: readonly string[] = ['pcs', 'pc', 'pieces', 'piece', 'stk', 'stuck', 'sheets', 'sheet', 'blatt', 'ct']
const PAIRS: readonly string[] = ['pair', 'pairs', 'paar', 'paire', 'paires', 'pr', 'prs']
const PACKS: readonly string[] = [
  'pack',
  'packs',
  'box',
  'bag',
  'tub',
  'roll',
  'packung',
  'boite',
  'paquet',
  'sachet',
  'jar',
  'pk',
  'pks',
  'card',
  'tin',
  'tray',
  'strip',
  'bundle',
  'karton',
  'dose',
  'beutel',
]
const CONTAINERS =
  /^(boxes|packs|bottles?|tubes?|rolls|bags|tubs|jars|pots|packungen|flaschen|tuben|dosen|boites|paquets|flacons|sticks|trays|sleeves|tins|cards|reels|bundles|cans|sachets|beutel|left|spare|spares)$/
const TIMES: readonly string[] = ['x', '×']

export interface Size {
  size: number
  measure: Measure
}

const markRead = (...words: readonly (Word | undefined)[]) =>
  words.forEach(w => {
    if (w) w.read = true
  })

const rounded = (value: number) => Math.round(value * 100) / 100

/** "1/2" of an ounce; of anything else it says how full it is. */
const partOf = (text: string): number | null => {
  const parts = /^(\d)\/(\d)$/.exec(text)
  return parts && parts[2] !== '0' ? Number(parts[1]) / Number(parts[2]) : null
}

/** A size with its unit: "30ml", "7,5 g", "1 fl oz"; the first one in the line. */
export function readSize(words: readonly Word[]): Size | null {
  for (const [i, word] of words.entries()) {
    if (word.read) continue
    const next = words[i + 1]
    const isFluid = next?.text === 'fl' && words[i + 2]?.text === 'oz'
    const value = inBounds(figure(word.text) ?? (isFluid || next?.text === 'oz' ? partOf(word.text) : null))
    if (value === null) continue
    const unit = isFluid ? UNITS.floz : next && !next.read ? UNITS[next.text] : undefined
    if (!unit || rounded(value * unit[1]) === 0) continue
    markRead(word, next, isFluid ? words[i + 2] : undefined)
    return { measure: unit[0], size: rounded(value * unit[1]) }
  }
  return null
}

/** How many pieces a pack holds: "80 pcs", "box of 100", "wipes (72)". */
export function readPieces(words: readonly Word[]): Size | null {
  for (const [i, word] of words.entries()) {
    const value = word.read ? null : numberIn(word)
    if (value === null) continue
    const [next, before, two] = [words[i + 1], words[i - 1], words[i - 2]]
    if (next && PAIRS.includes(next.text)) {
      markRead(word, next)
      return { size: value, measure: 'pair' }
    }
    if (next && PIECES.includes(next.text)) {
      markRead(word, next)
      return { size: value, measure: 'piece' }
    }
    // "2 x 100": so many packs of so many.
    if (
      value >= 10
      && before
      && TIMES.includes(before.text)
      && /^\d$/.test(two?.text ?? '')
      && !next?.text.match(/^\d/)
    ) {
      markRead(word)
      return { size: value, measure: 'piece' }
    }
    const packed =
      (before?.text === 'of' || before?.text === 'von' || before?.text === 'de')
      && two
      && next?.text !== '%'
      && (PACKS.includes(two.text) || (CONTAINERS.test(two.text) && two.text.endsWith('s')))
    const boxed = before && !before.read && PACKS.includes(before.text) && value >= 10 && !next
    if (boxed) {
      markRead(word, before)
      return { size: value, measure: 'piece' }
    }
    if (packed || (next && PACKS.includes(next.text) && /^\d+$/.test(word.text) && value >= 10)) {
      // "2 boxes of 200": the two is still to be read.
      markRead(word, ...(packed ? [before, ...(PACKS.includes(two.text) ? [two] : [])] : [next]))
      return { size: value, measure: 'piece' }
    }
  }
  return null
}

/** How many colours a palette holds: "6 pans", "12-pan", "9 colours". */
export function readPans(words: readonly Word[]): number | null {
  const PANS = /^(pans?|colou?rs?|shades?|farben|teintes|couleurs|godets?|wells?)$/
  for (const [i, word] of words.entries()) {
    const value = word.read ? null : inBounds(figure(word.text))
    const next = words[i + 1]
    // German "12er": of a palette its colours, of anything else how many.
    const dozens = next?.text === 'er' && words.some(w => /palette|quad/.test(w.text))
    if (value === null || value < 2 || !Number.isInteger(value) || !next || !(dozens || PANS.test(next.text))) continue
    // "Stick foundation x 6 shades": so many of them.
    const many =
      /^(shades?|teintes?|tone)$/.test(next.text)
      && value <= 12
      && !words.some(w => /palette|quad|wheel|kit|trio|duo/.test(w.text))
    if (many || (TIMES.includes(words[i - 1]?.text ?? '') && !next.text.startsWith('pan'))) {
      // "A stick in 3 shades" is three sticks.
      if (words[i - 1]?.text === 'in') markRead(words[i - 1]!)
      markRead(next)
      continue
    }
    markRead(word, next)
    return value
  }
  return null
}

/** The number at the end, or where there is none the one before a bracket: "sticks 5 (taupe, plum)". */
export function lastOrBeforeBracket(words: readonly Word[]): Word | undefined {
  const last = words.at(-1)
  if (last && figure(last.text) !== null) return last
  const bracket = words.findIndex(w => w.text === '(')
  return bracket > 0 ? words[bracket - 1] : undefined
}

/** How many, where only the kind tells that a number at the end is no shade: "micro brushes 100". */
export function readTrailing(words: readonly Word[]): number | null {
  const last = lastOrBeforeBracket(words)
  const value = last && !last.read && words.length > 1 ? figure(last.text) : null
  if (value === null || !Number.isInteger(value) || value < 2 || value > 1000) return null
  markRead(last)
  return value
}

/** Words whose number is no count: "SPF 30 x", "no. 4". */
const NUMBERED = /^(spf|lsf|fps|no|nr|shade|depth|size|grosse|taille|[b-wyz]|a)$/
const ASSORTED = /^(assorted|asst|asstd|mixed|various|different|verschiedene|assortis|divers)$/
/** "Concealers: 3 light, 2 medium", "(nude x 3, red x 1)": all of them together; null where fewer than two are counted so. */
function countedApart(words: readonly Word[]): number | null {
  const counted = words.flatMap((word, i) => {
    const value = word.read ? null : numberIn(word)
    const [before, next] = [words[i - 1], words[i + 1]]
    if (value === null || !Number.isInteger(value) || !before || before.read) return []
    const times = TIMES.includes(before.text) && !/^\d/.test(words[i - 2]?.text ?? '')
    const listed = /^[:,(]$/.test(before.text) && next !== undefined && !next.read && /^\p{L}{3,}$/u.test(next.text)
    const shade = words[i - 2] !== undefined && NUMBERED.test(words[i - 2]!.text)
    // "Brown 2, black 2".
    const closing = value <= 24 && (next === undefined || next.text === ',') && /^\p{L}{3,}$/u.test(before.text)
    if (closing && !shade && !NUMBERED.test(before.text)) return [{ value, read: [word], way: 'closing' }]
    return (times || listed) && !shade && !measured(next)
      ? [{ value, read: times ? [word, before] : [word], way: times ? 'times' : 'listed' }]
      : []
  })
  const same = counted.filter(c => c.way === counted[0]?.way)
  if (same.length < 2) return null
  same.forEach(c => markRead(...c.read))
  return same.reduce((sum, c) => sum + c.value, 0)
}
const measured = (next: Word | undefined) =>
  next !== undefined
  && (Object.hasOwn(UNITS, next.text)
    || PIECES.includes(next.text)
    || PAIRS.includes(next.text)
    || TIMES.includes(next.text))

const SPOKEN_OF = /^(got|have|i've|we've|there's|there|are|habe|haben|sind|ai|avons|a)$/
// "Qty 2", "2 off", "menge 3".
const QUANTITY = /^(qty|quantity|quantite|qte|anzahl|menge|count)$/
const AFTER_A_COUNT = /^(off|no|nos|units?|einheiten|fois|mal|er|teilig|tlg)$/
/** How many there are: "3x brush", "x3", "2 × 15 ml", "two tweezers"; null where the line does not say. */
export function readCount(words: readonly Word[]): number | null {
  const several = countedApart(words)
  if (several !== null) return several
  for (const [i, word] of words.entries()) {
    const value = word.read ? null : numberIn(word)
    if (value === null || !Number.isInteger(value) || value < 1) continue
    const [next, before] = [words[i + 1], words[i - 1]]
    if (before && NUMBERED.test(before.text)) continue
    const after = next && TIMES.includes(next.text) && !next.read
    const ahead = before && TIMES.includes(before.text) && !before.read
    // "set of 12 brushes", "(12 assorted)".
    if ((before?.text === 'of' && words[i - 2]?.text === 'set') || (next && ASSORTED.test(next.text))) {
      markRead(word, ...(before?.text === 'of' ? [before, words[i - 2]] : [next]))
      return value
    }
    // "N4 qty 2": the number after the word is the one it counts.
    const ahead2 = next && QUANTITY.test(next.text) && !/^\d/.test(words[i + 2]?.text ?? '')
    const quantity = before && QUANTITY.test(before.text) ? before : ahead2 ? next : undefined
    const second = before?.text === ':' ? words[i - 2] : undefined
    const named = quantity ?? (second && QUANTITY.test(second.text) ? second : undefined)
    if (named || (next && !next.read && AFTER_A_COUNT.test(next.text))) {
      markRead(word, named ?? next, named === second ? before : undefined)
      return value
    }
    const contained = next !== undefined && CONTAINERS.test(next.text) && value < 100
    if (contained) {
      markRead(word, next)
      return value
    }
    if (!after && !ahead) continue
    markRead(word, after ? next : before)
    return value
  }
  // Spoken: "I've got two lip balms", "a belt with about twenty brushes".
  for (const [i, word] of words.entries()) {
    const value = word.read || !SPOKEN_OF.test(words[i - 1]?.text ?? '') ? null : numberIn(word)
    const next = words[i + 1]
    if (value === null || !Number.isInteger(value) || value < 1 || value > 99 || !next || measured(next)) continue
    if (!/^\p{L}{3}/u.test(next.text) || next.read) continue
    markRead(word)
    return value
  }
  // A bare number at the front, or alone in brackets, counts too.
  const [first] = words
  const leading = first && !first.read ? numberIn(first) : null
  if (
    leading !== null
    && words[1]?.text !== '%'
    && Number.isInteger(leading)
    && leading >= 1
    // Nobody counts to 137: that is the number of a shade. "200 buds" are counted.
    && (leading < 100 || (leading < 1000 && leading % 10 === 0))
    && words.length > 1
  ) {
    markRead(first)
    return leading
  }
  for (const [i, word] of words.entries()) {
    const closes = words[i + 1]?.text === ')' || words[i + 1]?.text === ','
    const value = word.read || words[i - 1]?.text !== '(' || !closes ? null : numberIn(word)
    if (value === null || !Number.isInteger(value) || value < 1) continue
    markRead(...(words[i + 1]!.text === ')' ? [words[i - 1], word, words[i + 1]] : [word]))
    return value
  }
  return null
}
