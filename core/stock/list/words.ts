/*
 * A line of a list as words: lower case, without accents and signs, each with where it is in the line. What an extractor has read
 * is marked as read, so that nothing is read twice and the rest can be named.
 */

export interface Word {
  text: string
  /** As it was written. */
  raw: string
  read: boolean
  /** Denied: the oil of "oil free", the silicone of "without silicone". */
  not: boolean
  /** Whether nothing stands between it and the word before: the 10 of "N10". */
  glued: boolean
  /** A figure that belongs to the name, and counts nothing: the 30 of "SPF 30". */
  said: boolean
}

const FRACTIONS: Readonly<Record<string, string>> = { '½': '1/2', '¼': '1/4', '¾': '3/4', '⅓': '1/3', '⅔': '2/3' }
const PICTURES = /\p{Extended_Pictographic}|[\u{1F1E6}-\u{1F1FF}]|\u{FE0F}|\u{200D}|\u{20E3}/gu
// Bullets, check boxes and numbers of a list: "- ", "• ", "[x] ", "3) ".
const BULLET = /^\s*(?:[-–—*•·▪◦‣>☐☑✓✔]+|\[[ xX]?\]|\(?\d{1,3}[).](?=\s+(?:\D|\d+\s*[x×]?\s*\p{L})))\s*/u

const ASCII = /^[\x20-\x7e]*$/
/** Lower case without accents. */
export const plain = (text: string): string =>
  // Most words of most lists have no accents, and taking them off is slow.
  ASCII.test(text)
    ? text.toLowerCase()
    : text
        .normalize('NFD')
        .replace(/\p{Diacritic}/gu, '')
        .replaceAll('ß', 'ss')
        .replaceAll('œ', 'oe')
        .toLowerCase()

/** So much of a text, without half a letter at its end. */
export const cut = (text: string, most: number): string => text.slice(0, most).replace(/[\uD800-\uDBFF]$/, '')

/** The line as it is worth showing: without pictures, bullets and doubled blanks. */
export function tidied(line: string): string {
  const written = line.replace(PICTURES, ' ').replace(/[½¼¾⅓⅔]/g, f => ` ${FRACTIONS[f]!}`)
  return written
    .replace(/\b(half|halb)-(?=\p{L})/giu, '$1 ')
    .replace(BULLET, '')
    .replace(/\s+/g, ' ')
    .trim()
}

// Figures that are neither counts nor sizes: "2-in-1", "40 × 30 cm", "24h", "18 in"; a number with its decimals, a fraction, a date, a
// word with its hyphens, or a sign that means something.
const WORD =
  /\d{1,2}[\s-]?(?:months?|weeks?|years?|days?)[\s-]old\b|\d{1,2}\s?-?(?:in|en)-?\s?\d\b|\d+(?:[.,]\d+)?\s?[×x]\s?\d+(?:[.,]\d+)?(?:\s?[×x]\s?\d+(?:[.,]\d+)?)?\s?(?:cm|mm|inch|in)\b|\d+(?:[.,]\d+)?[\s-]?(?:["″”]|(?:hours?|hrs?|h|std|stunden|heures|inch(?:es)?|cm|mm|in|watts?|mah|kelvin)\b(?!\p{L}))|\d{4}-\d{1,2}(?:-\d{1,2})?|\d{1,2}-\d{4}|(?<![\d.,])\.\d+|\d{1,2}[./]\d{1,2}[./]\d{2,4}|\d+\/\d+|\d+(?:[.,]\d+)?|[\p{L}'’]+(?:-[\p{L}]+)*|[%×(),;:+]/giu

const ROUGHLY = /^(approx|approximately|about|around|ca|circa|environ|etwa|ungefahr|roughly)$/

export function wordsOf(line: string): Word[] {
  let end = -1
  const words = [...line.matchAll(WORD)].map(({ 0: raw, index }) => {
    const glued = index === end && /^\d/.test(raw) !== /\d$/.test(line[index - 1] ?? '')
    end = index + raw.length
    return {
      text: plain(raw).replaceAll('’', "'"),
      raw,
      read: false,
      not: false,
      said: false,
      glued,
    }
  })
  deny(words)
  // "Approx 100": so many as any.
  return words.filter((w, i) => !(ROUGHLY.test(w.text) && /^\d/.test(words[i + 1]?.text ?? '')))
}

const FREE_OF = /^(free|frei|freie[rsn]?)$/
const WITHOUT = /^(without|no|non|not|sans|ohne|kein|keine|nicht|pas|w\/o|minus)$/
const DENIED_WITHIN = /[-]?(free|frei)$/
/** Marks what a line says is not there: "oil free", "without silicone", "not new", "ölfrei". */
function deny(words: Word[]): void {
  for (const [i, word] of words.entries()) {
    if (DENIED_WITHIN.test(word.text) && word.text.length > 5) word.not = true
    if (FREE_OF.test(word.text) && words[i - 1]) {
      words[i - 1]!.not = true
      word.not = true
    }
    if (!WITHOUT.test(word.text)) continue
    word.not = true
    const [next] = words.slice(i + 1)
    // "No colour powder" is a powder; "no. 4" is a number.
    if (next && /^\p{L}/u.test(next.text) && !/^(colour|color|crease|makeup|make-up|name|brand)$/.test(next.text))
      next.not = true
  }
}

/** A figure as it was written: with a point or a comma. */
export const figure = (text: string): number | null =>
  /^(?:\d+(?:[.,]\d+)?|\.\d+)$/.test(text) ? Number(text.replace(',', '.')) : null
