/*
 * What people and programs write, read strictly: one reader for each kind of value. Each returns undefined for what it does not
 * read, and never guesses.
 */

const DAY = /^(\d{4})-(\d{2})-(\d{2})$/
const MOMENT = /^(\d{4}-\d{2}-\d{2})T(\d{2}):(\d{2})(?::(\d{2})(?:\.\d{1,9})?)?(?:Z|[+-](\d{2}):(\d{2}))$/
const FIRST_YEAR = 1900
const LAST_YEAR = 2199

export interface CalendarDay {
  year: number
  /** 1–12 */
  month: number
  day: number
}

/** A calendar day as 2026-12-05: one that exists, from 1900 to 2199. */
export function parseDay(text: unknown): CalendarDay | undefined {
  const parts = typeof text === 'string' ? DAY.exec(text) : null
  if (!parts) return undefined
  const [year, month, day] = parts.slice(1).map(Number) as [number, number, number]
  if (year < FIRST_YEAR || year > LAST_YEAR || month < 1 || month > 12) return undefined
  return day >= 1 && day <= new Date(Date.UTC(year, month, 0)).getUTCDate() ? { year, month, day } : undefined
}

/** A moment with its zone, as 2026-12-05T09:30:00Z or …+01:00, in milliseconds since 1970. */
export function parseMoment(text: unknown): number | undefined {
  const parts = typeof text === 'string' ? MOMENT.exec(text) : null
  if (!parts || !parseDay(parts[1])) return undefined
  const [hours, minutes, seconds, zoneHours, zoneMinutes] = parts.slice(2).map(v => Number(v ?? 0))
  if (hours! > 23 || minutes! > 59 || seconds! > 59 || zoneHours! > 14 || zoneMinutes! > 59) return undefined
  const at = Date.parse(text as string)
  return Number.isNaN(at) ? undefined : at
}

/** The day that a calendar day or a moment names, as it is written there: 2026-12-05. */
export const dayOf = (text: unknown): string | undefined =>
  parseDay(text) || parseMoment(text) !== undefined ? (text as string).slice(0, 10) : undefined

const ID = /^[A-Za-z0-9][A-Za-z0-9._:-]{0,119}$/

/** The id of a record: letters, figures and . _ : - only, so that it can stand in an address and in a file name. */
export const parseId = (text: unknown): string | undefined =>
  typeof text === 'string' && ID.test(text) ? text : undefined

export const MOST_MINOR = 100_000_000
const SUM = /^\s*(\d{1,6})(?:[.,](\d{1,2}))?\s*$/

/** A sum of money as typed ("32", "32.5", "32,50"), in minor units. */
export function parseMoney(text: string): number | undefined {
  const parts = SUM.exec(text)
  return parts ? Number(parts[1]) * 100 + Number((parts[2] ?? '').padEnd(2, '0')) : undefined
}

/** A host as named in a request or in the configuration, without its port, in lower case: example.lan, 127.0.0.1, [::1]. */
export function parseHost(text: unknown): string | undefined {
  if (typeof text !== 'string') return undefined
  const parts = /^(\[[0-9a-f:.]{2,45}\]|[a-z0-9](?:[a-z0-9.-]{0,252}[a-z0-9])?)(?::\d{1,5})?$/.exec(text.toLowerCase())
  return parts?.[1]
}

// eslint-disable-next-line no-control-regex -- these are what is looked for
const CONTROL = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/

const HALF_LETTER = /\p{Cs}/u

/** Whether a text is one: no control characters but tabs and line breaks, no halves of letters. */
export const isPlainText = (text: string): boolean => !CONTROL.test(text) && !HALF_LETTER.test(text)
