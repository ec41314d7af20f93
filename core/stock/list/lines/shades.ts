import type { Undertone } from '../../../complexion/skins/skin'

/* The shades of a range as a line lists them: "02 04 06", "N10–N60", "1, 3, 5, 7 and 9", "W1/W3". */

export interface ShadesSaid {
  shades: string[]
  /** How many of each, where it says. */
  counts?: number[]
  /** The line without them. */
  rest: string
  /** Where in the line they stood. */
  at: number
  /** Whether the steps between the first and the last were guessed. */
  guessed: boolean
}

const CODE = String.raw`(?:[A-Z]{1,2}[ -]?|[A-Za-z])?\d{1,3}(?:[.,]5)?[A-Za-z]?`
const SEPARATOR = String.raw`(?:\s*[,/&+]\s*|\s+(?:and|und|et)\s+|\s+)`
const LIST = new RegExp(`(?<![\\p{L}\\d.,%/-])${CODE}(?:${SEPARATOR}${CODE})+(?![\\p{L}\\d%/])`, 'gu')
const RANGE = new RegExp(
  String.raw`(?<![\p{L}\d.,/-])([A-Za-z]{0,2})(\d{1,3})\s?(?:–|—|-|\bto\b|\bbis\b|\bà\b)\s?([A-Za-z]{0,2})(\d{1,3})(?![\p{L}\d%/]|[.,]\d)`,
  'gu',
)
const NAMED = /\b(shades?|nos?\.?|nr\.?|numbers?|colou?rs?|töne?|farben?|teintes?|n°)\s*:?\s*$/iu
// What a figure with one of these behind it is, is no shade.
const MEASURED =
  /^\s?(?:ml|cl|l|g|gr|kg|oz|fl|mm|cm|h|hrs?|%|x\b|×|pcs?|pieces?|stk|stück|paar|pairs?|pr|pans?|colou?rs?|shades?|farben?|teintes?|couleurs?|godets?|months?|weeks?|left|of|each)\b/iu
const MOST = 60
const EACH_NUMBERED = /\b(?:no|nr|n°|shade|teinte|ton)\.?\s*(\d{1,3})\b/giu

/**
 * @param text a line or a part of one, without its count, price and dates
 * @param hasShades whether what it names is sold in shades
 */
export function shadesSaid(text: string, hasShades: boolean): ShadesSaid | null {
  const times = timesEach(text)
  if (times) return times
  // "No. 2, no. 4": said before each.
  const numbered = text.match(EACH_NUMBERED)?.length ?? 0
  const plain =
    numbered > 1
      ? text.replace(EACH_NUMBERED, (_, figure: string, at: number) =>
          text.search(EACH_NUMBERED) === at ? `no ${figure}` : figure,
        )
      : text
  return rangeIn(plain) ?? listIn(plain, hasShades)
}

// "2 x 02, 1 x 04": so many of each.
const TIMES_SHADE = new RegExp(`(\\d{1,2})\\s*[x×]\\s*(${CODE})(?!\\s?(?:ml|g|oz)\\b)`, 'gu')
function timesEach(text: string): ShadesSaid | null {
  const found = [...text.matchAll(TIMES_SHADE)]
  if (found.length < 2) return null
  const rest = text.replace(TIMES_SHADE, ' ')
  return {
    shades: found.map(f => f[2]!),
    counts: found.map(f => Number(f[1])),
    rest,
    at: found[0]!.index,
    guessed: false,
  }
}

function rangeIn(text: string): ShadesSaid | null {
  for (const found of text.matchAll(RANGE)) {
    const [whole, before = '', first = '', after = '', last = ''] = found
    const [from, to] = [Number(first), Number(last)]
    const rest = text.slice(found.index + whole.length)
    const named = NAMED.test(text.slice(0, found.index))
    const isCoded =
      before !== ''
      || (first.length === 3 && last.length === 3 && to - from <= 60)
      || (first.startsWith('0') && first.length > 1)
      || named
    const same = after === '' || after.toLowerCase() === before.toLowerCase()
    if (!isCoded || !same || to <= from || MEASURED.test(rest) || /^(spf|lsf|x)$/i.test(before)) continue
    const step = stepOf(from, to)
    const shades: string[] = []
    for (let n = from; n <= to && shades.length < MOST; n += step.by)
      shades.push(`${before}${String(n).padStart(first.startsWith('0') ? first.length : 0, '0')}`)
    return { shades, rest: without(text, found.index, whole.length), at: found.index, guessed: step.guessed }
  }
  return null
}
/** In tens where both are tens, else one by one, in fives where that would be too many. */
function stepOf(from: number, to: number): { by: number; guessed: boolean } {
  if (from % 10 === 0 && to % 10 === 0 && to - from >= 20) return { by: 10, guessed: false }
  if (to - from <= 11) return { by: 1, guessed: from % 2 === 0 && to % 2 === 0 && to - from > 4 }
  return { by: from % 5 === 0 && to % 5 === 0 ? 5 : to - from <= 24 ? 2 : 5, guessed: true }
}

function listIn(text: string, hasShades: boolean): ShadesSaid | null {
  for (const found of text.matchAll(LIST)) {
    let whole = found[0]
    let shades = codesOf(whole)
    // The last may belong to what comes behind: "02 04 06 30 ml".
    while (shades.length > 1 && MEASURED.test(text.slice(found.index + whole.length))) {
      const last = whole.lastIndexOf(shades.at(-1)!)
      whole = whole.slice(0, last).replace(new RegExp(`${SEPARATOR}$`, 'u'), '')
      shades = codesOf(whole)
    }
    const before = text.slice(0, found.index)
    if (/\b(?:spf|lsf|fps|opened|open|exp|geöffnet|ouvert|seit|since|x|×|of|\d)\s*$/iu.test(before)) continue
    if (/\p{L}/u.test(before) === false && before.trim() === '' && shades.every(s => /^\d/.test(s))) continue
    const named = NAMED.test(before)
    const joined = /(?:&|\band\b|\bund\b|\bet\b)/.test(whole)
    const coded =
      shades.every(s => /^[A-Za-z]/.test(s))
      || shades.every(s => /^0\d/.test(s) || s.length === 3 || /\d[A-Za-z]$/.test(s))
    const isLike = coded || shades.every(s => s.length === 2) || shades.some(s => /^0\d/.test(s))
    const enough = shades.length >= (coded || named || joined ? 2 : 3)
    if (!enough || new Set(shades).size !== shades.length || shades.some(s => /^[xX]/.test(s))) continue
    const rises = shades.every(
      (s, i) => i === 0 || Number(s.replace(/\D/g, '')) >= Number(shades[i - 1]!.replace(/\D/g, '')),
    )
    if (!hasShades && !(coded && rises)) continue
    if (!isLike && !named && !(rises && hasShades)) continue
    return { shades, rest: without(text, found.index, whole.length), at: found.index, guessed: false }
  }
  return null
}
const codesOf = (text: string): string[] =>
  text
    .split(new RegExp(SEPARATOR, 'u'))
    .map(s => s.trim())
    .filter(s => s !== '')
const without = (text: string, at: number, length: number) =>
  `${text.slice(0, at).replace(NAMED, '')} ${text.slice(at + length)}`.replace(/\(\s*\)/g, ' ')

// One shade of something: "Lipstick 207", "foundation N3", "powder 110".
const ONE = new RegExp(
  String.raw`(?<![\p{L}\d.,/%×-])((?:[A-Z]{1,2}[ -]?\d{1,3}(?:[.,]5)?)|0\d{1,2}|\d{3}|\d{1,2}[A-Z]{1,2}\d?)(?![\p{L}\d%/.,×])`,
  'gu',
)
/** The one shade a line names by its number; null where none is. */
export function shadeSaid(text: string): string | null {
  for (const found of text.matchAll(ONE)) {
    const rest = text.slice(found.index + found[0].length)
    const before = text.slice(0, found.index)
    if (MEASURED.test(rest) || /\b(?:spf|lsf|fps|no|of|x|×|opened|open|exp|qty)\s*$/iu.test(before)) continue
    if (
      /^(?:SPF|LSF|HD|XL|CC|BB|LED|UV|ML|G)\d*/i.test(found[0])
      || (/^\d{3}$/.test(found[0]) && !/\p{L}/u.test(before))
    )
      continue
    return found[1]!
  }
  const named = /\b(?:shade|nr\.?|no\.?|n°|teinte|ton|#)\s*(\d{1,3})\b/iu.exec(text)
  return named?.[1] ?? null
}

/**
 * The labels of a range, typed into a field of their own: "02 04 06", "N10–N60", "Ember, Fig"; each once, in their order.
 * @example labelsIn('N10–N30, tester') // ['N10', 'N20', 'N30', 'tester']
 */
export function labelsIn(text: string): string[] {
  const pieces = text.split(/\s*[,;\n]\s*/).filter(p => p.trim() !== '')
  const each = pieces.flatMap(piece => {
    const range = rangeIn(`shades ${piece}`)
    // Names of several words stand between commas; codes need none.
    return range?.shades ?? (pieces.length > 1 && !/\d/.test(piece) ? [piece.trim()] : piece.split(/[\s/]+/))
  })
  return [...new Set(each.map(l => l.trim()).filter(l => l !== ''))].slice(0, MOST)
}

const UNDERTONE_LETTERS: Readonly<Record<string, Undertone>> = {
  N: 'neutral',
  W: 'golden',
  Y: 'golden',
  G: 'golden',
  C: 'rosy',
  R: 'rosy',
  P: 'rosy',
  O: 'olive',
}
/** The undertone a label names by a letter beside its figure, as many ranges do: a guess until the bottle is seen. */
export function undertoneOfLabel(label: string): Undertone | null {
  const letter = /^([A-Z])\s?\d|\d\s?([A-Z])$/u.exec(label.trim().toUpperCase())
  return UNDERTONE_LETTERS[letter?.[1] ?? letter?.[2] ?? ''] ?? null
}
