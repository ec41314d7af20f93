import { tidied, wordsOf, type Word } from './words'

// Months by how their names begin, in English, German and French.
const MONTHS: readonly RegExp[] = [
  /^jan/,
  /^(feb|fev)/,
  /^(mar|mrz|maerz)/,
  /^(apr|avr)/,
  /^(may|mai)$/,
  /^(jun|juin)/,
  /^(jul|juil)/,
  /^(aug|aou)/,
  /^sep/,
  /^(oct|okt)/,
  /^nov/,
  /^(dec|dez)/,
]
const OPENED = /^(opened|open|op|geoffnet|offen|angebrochen|ouvert|ouverte|seit|since|started)$/
const BETWEEN = /^(in|since|seit|en|im|on|am|le|depuis|:)$/

const monthOf = (text: string) => (text.length >= 3 ? MONTHS.findIndex(m => m.test(text)) + 1 : 0)
const two = (n: number) => String(n).padStart(2, '0')
const fullYear = (y: number) => (y < 100 ? 2000 + y : y)

/** When something was opened, as far as the line says: a month or a day. */
export interface OpenedOn {
  on: string
  /** Whether the year had to be guessed. */
  guessed: boolean
}

/**
 * "opened March", "opened 03/2026", "geöffnet 4.5.2026", "open since 2026-02". A month without its year is the last one there was.
 * @param today ISO date
 */
export function readOpened(words: readonly Word[], today: string): OpenedOn | null {
  for (const [i, word] of words.entries()) {
    if (word.read || !OPENED.test(word.text)) continue
    let at = i + 1
    while (words[at] && BETWEEN.test(words[at]!.text)) at++
    const found = dateAt(words, at, today)
    if (!found) continue
    for (let k = i; k < found.end; k++) words[k]!.read = true
    return { on: found.on, guessed: found.guessed }
  }
  return null
}

/** A date alone, as {@link readOpened} reads it behind its word. */
export const readDate = (text: string, today: string): OpenedOn | null => dateAt(wordsOf(tidied(text)), 0, today)

function dateAt(words: readonly Word[], at: number, today: string): (OpenedOn & { end: number }) | null {
  const text = words[at]?.text ?? ''
  if (/^\d{4}-\d{1,2}(-\d{1,2})?$/.test(text)) {
    const [y, m, d] = text.split('-').map(Number)
    return checked(y!, m!, d, at + 1)
  }
  const dotted = /^(\d{1,2})[./](\d{1,2})[./](\d{2,4})$/.exec(text)
  if (dotted) return checked(fullYear(Number(dotted[3])), Number(dotted[2]), Number(dotted[1]), at + 1)
  const slashed = /^(\d{1,2})[./](\d{2,4})$/.exec(text)
  if (slashed) return checked(fullYear(Number(slashed[2])), Number(slashed[1]), undefined, at + 1)
  // "12 March 2026" and "March 2026", "March".
  const day = /^\d{1,2}$/.test(text) && monthOf(words[at + 1]?.text ?? '') > 0 ? Number(text) : undefined
  const from = day === undefined ? at : at + 1
  const month = monthOf(words[from]?.text ?? '')
  if (month === 0) return null
  const year = /^(\d{4}|\d{2})$/.test(words[from + 1]?.text ?? '') ? fullYear(Number(words[from + 1]!.text)) : null
  if (year !== null && year >= 2000 && year < 2100) return checked(year, month, day, from + 2)
  const [thisYear, thisMonth] = today.split('-').map(Number)
  const last = month <= thisMonth! ? thisYear! : thisYear! - 1
  const found = checked(last, month, day, from + 1)
  return found && { ...found, guessed: true }
}

function checked(
  year: number,
  month: number,
  day: number | undefined,
  end: number,
): (OpenedOn & { end: number }) | null {
  if (month < 1 || month > 12 || (day !== undefined && (day < 1 || day > 31))) return null
  return { on: `${year}-${two(month)}${day === undefined ? '' : `-${two(day)}`}`, guessed: false, end }
}
