import { figureOfWord } from './figures'
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
const OPENED = /^(opened|open|op|geoffnet|offen|angebrochen|ouvert|ouverte|seit|since|started|bought)$/
const EXPIRES =
  /^(exp|expires|expiry|expiring|expire|expiration|mhd|haltbar|ablauf|verfall|peremption|perime|use-by|best-before|bbe|bb|before|until|bis)$/
const LEADS_TO_EXPIRES = /^(best|use|haltbar)$/
const BETWEEN = /^(in|since|seit|en|im|on|am|le|depuis|:|by|date|bis|before|until|end|of|ende|fin|the|about|around)$/

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

/** "exp 11/27", "best before March 2027", "MHD 03/2028"; the last day that is printed on it, a month or a day. */
export function readExpires(words: readonly Word[], today: string): string | null {
  for (const [i, word] of words.entries()) {
    if (word.read || !EXPIRES.test(word.text)) continue
    let at = i + 1
    while (words[at] && (BETWEEN.test(words[at]!.text) || EXPIRES.test(words[at]!.text))) at++
    const found = dateAt(words, at, today)
    if (!found || found.guessed) continue
    const from = LEADS_TO_EXPIRES.test(words[i - 1]?.text ?? '') ? i - 1 : i
    for (let k = from; k < found.end; k++) words[k]!.read = true
    return found.on
  }
  return null
}

const UNITS_AGO: readonly (readonly [words: RegExp, months: number])[] = [
  [/^(month|months|monate?n?|mois)$/, 1],
  [/^(year|years|jahre?n?|ans?|annees?)$/, 12],
  [/^(weeks?|wochen?|semaines?)$/, 0.25],
  [/^(days?|tagen?|jours?)$/, 0],
]
// Words of time that count and are no numbers elsewhere.
const SOME: Readonly<Record<string, number>> = { a: 1, an: 1, couple: 2, einem: 1 }

/** "last month", "2 months ago", "vor 3 Monaten", "il y a un mois", "this week": a month, as nobody means a day so. */
function agoAt(words: readonly Word[], at: number, today: string): (OpenedOn & { end: number }) | null {
  const text = (k: number) => words[at + k]?.text ?? ''
  const unit = (k: number) => UNITS_AGO.find(([is]) => is.test(text(k)))?.[1]
  const back = (months: number, length: number) => ({
    on: monthsBefore(today, months),
    guessed: false,
    end: at + length,
  })
  if (/^(last|letzten?|letzter|letztes|this|diese[nrs]?)$/.test(text(0)) && unit(1) !== undefined)
    return back(text(0) === 'last' || text(0).startsWith('letzt') ? unit(1)! : 0, 2)
  if (/^(yesterday|today|gestern|heute|hier|aujourd'hui)$/.test(text(0))) return back(0, 1)
  if (/^(mois|semaine|an)$/.test(text(0)) && /^(dernier|derniere|passe)$/.test(text(1))) return back(unit(0) ?? 0, 2)
  const start = text(0) === 'vor' ? 1 : text(0) === 'il' && text(1) === 'y' && text(2) === 'a' ? 3 : 0
  const from = text(start) === 'a' && text(start + 1) === 'couple' ? start + 1 : start
  const many = SOME[text(from)] ?? figureOfWord(text(from)) ?? 0
  const of = text(from + 1) === 'of' ? from + 2 : from + 1
  const each = unit(of)
  if (many === 0 || each === undefined) return null
  if (start === 0 && text(of + 1) !== 'ago') return null
  return back(Math.round(many * each), start === 0 ? of + 2 : of + 1)
}
function monthsBefore(today: string, months: number): string {
  const [y, m] = today.split('-').map(Number)
  const all = y! * 12 + (m! - 1) - months
  return `${Math.floor(all / 12)}-${two((all % 12) + 1)}`
}

/** A date alone, as {@link readOpened} reads it behind its word. */
export const readDate = (text: string, today: string): OpenedOn | null => dateAt(wordsOf(tidied(text)), 0, today)

function dateAt(words: readonly Word[], at: number, today: string): (OpenedOn & { end: number }) | null {
  const text = words[at]?.text ?? ''
  const ago = agoAt(words, at, today)
  if (ago) return ago
  const dashed = /^(\d{1,2})-(\d{4})$/.exec(text)
  if (dashed) return checked(Number(dashed[2]), Number(dashed[1]), undefined, at + 1)
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
