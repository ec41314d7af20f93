import { MINUTE_MS } from '#core/time'
import { dayText } from '#core/dayText'
import type { Seen } from '#core/reading/verdicts'
import { parseDay, parseMoment } from '#shared/checks/parse'
import { isAhead } from '#shared/today'
import { difference } from '#core/colour/difference'
import type { Lab } from '#core/colour/lab'
import { skinPlace, type Undertone } from '#core/complexion/skins/skin'
import type { Verdict } from '#core/complexion/mixing/recipe'

/** Money from minor units: 14000 is "140.00". */
export const formatMoney = (minor: number, currency = '') => `${(minor / 100).toFixed(2)}${currency && ` ${currency}`}`

export { parseMoney } from '#shared/checks/parse'

const halves = (depth: number) => (Math.round(depth * 2) / 2).toString()

export function placeInWords(lab: Lab): string {
  const { depth, undertone } = skinPlace(lab)
  return `depth ${halves(depth)} ${undertone}`
}

/** What an artist sees where two colours touch. */
export const VERDICT_WORDS: Readonly<Record<Verdict, string>> = {
  invisible: 'You would not see the seam.',
  match: 'A match.',
  workable: 'Workable: blend the edge.',
  visible: 'You would see the seam.',
}

export const SHORT_VERDICT: Readonly<Record<Verdict, string>> = {
  invisible: 'invisible',
  match: 'match',
  workable: 'workable',
  visible: 'visible',
}

/** How two colours differ, from the first to the second, by the parts an artist names. */
export function differenceInWords(from: Lab, to: Lab): string {
  const dL = to.L - from.L
  const turn = skinPlace(to).hueDeviation - skinPlace(from).hueDeviation
  const parts = [
    Math.abs(dL) > 0.7 ? (dL > 0 ? 'lighter' : 'deeper') : '',
    Math.abs(turn) > 2 ? (turn > 0 ? 'yellower' : 'pinker') : '',
  ].filter(Boolean)
  return parts.length > 0 ? parts.join(', ') : difference(from, to) < 1 ? 'the same to the eye' : 'close'
}

// A no-break space: the sign stays with its figure.
export const percent = (share: number) => `${Math.round(share * 100)}\u00a0%`

/** A chance is never quite sure, nor ruled out: "over 99 %". */
export const chancePercent = (share: number) =>
  share > 0.99 ? `over ${percent(0.99)}` : share < 0.01 ? `under ${percent(0.01)}` : percent(share)

export const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

export const plural = (n: number, one: string, many = `${one}s`) => `${n} ${n === 1 ? one : many}`

/** "a, b and c" */
export const listInWords = (words: readonly string[]) =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)!}`

/** Runs of depths per undertone: "rosy 10.5–12, olive 3". */
export function rangesInWords(skins: readonly { depth: number; undertone: Undertone }[]): string {
  const byTone = new Map<Undertone, number[]>()
  for (const s of skins) byTone.set(s.undertone, [...(byTone.get(s.undertone) ?? []), s.depth])
  return [...byTone]
    .map(([tone, depths]) => {
      const runs: [number, number][] = []
      for (const d of depths.sort((x, y) => x - y)) {
        const last = runs.at(-1)
        if (last && d - last[1] <= 0.5 + 1e-9) last[1] = d
        else runs.push([d, d])
      }
      return `${tone} ${runs.map(([a, b]) => (a === b ? `${a}` : `${a}–${b}`)).join(', ')}`
    })
    .join('; ')
}

// A calendar day has no time zone to shift it.
const dayFormat = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
})
const ownDateFormat = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium' })
const momentFormat = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' })

/** A calendar day (2026-12-05) as "Sat 5 Dec". */
export function dayInWords(iso: string): string {
  const day = iso.slice(0, 10)
  return parseDay(day) ? dayFormat.format(new Date(day)) : 'on an unknown day'
}

/** A day that may be years from now: "5 Dec 2027". */
export function dateInWords(iso: string): string {
  const day = iso.slice(0, 10)
  return parseDay(day) ? dayText(day) : 'an unknown day'
}

/** The day of a moment where this device is: "5 Dec 2027". */
export function dateOfMoment(iso: string): string {
  const at = parseMoment(iso)
  return at === undefined ? dateInWords(iso) : ownDateFormat.format(at)
}

/** A day of work by its day and its name: "Sat 5 Dec, Ferry crew portraits". */
export const dayOfWork = ({ name, day }: { name: string; day: string | null }): string =>
  [day && dayInWords(day), name].filter(Boolean).join(', ')

/** A booking by its day and its job: "Sat 5 Dec, Ferry crew portraits". */
export const bookingInWords = ({ job }: { job: { name: string; day: string | null } }): string => dayOfWork(job)

/** A moment in the zone of this device; a day alone as a day. */
export function momentInWords(iso: string): string {
  const at = parseMoment(iso)
  return at === undefined ? dayInWords(iso) : momentFormat.format(at)
}

/** When something was done. A clock that was ahead is named, not believed. */
export const stampInWords = (iso: string, now = Date.now()): string =>
  isAhead(iso, now) ? `${momentInWords(iso)}, by a clock that was ahead` : momentInWords(iso)

const agoFormat = new Intl.RelativeTimeFormat('en-GB', { numeric: 'auto' })

/** How long ago a moment was: "3 minutes ago". A clock that was ahead is named, not believed. */
export function sinceInWords(iso: string, now = Date.now()): string {
  const at = parseMoment(iso)
  if (at === undefined) return 'at an unknown time'
  const minutes = Math.round((now - at) / MINUTE_MS)
  if (minutes < -1) return 'by a clock that was ahead'
  if (minutes < 1) return 'just now'
  if (minutes < 60) return agoFormat.format(-minutes, 'minute')
  if (minutes < 48 * 60) return agoFormat.format(-Math.round(minutes / 60), 'hour')
  return agoFormat.format(-Math.round(minutes / 60 / 24), 'day')
}

/** The size of a file: "46 kB", "3.1 MB". */
export const sizeInWords = (bytes: number) =>
  bytes < 1e6 ? `${Math.max(1, Math.round(bytes / 1e3))} kB` : `${(bytes / 1e6).toFixed(1)} MB`

/** What was seen, as it is said: "a touch too light". */
export const seenInWords = ({ seen, degree }: Seen) => (degree ? `${degree} ${seen}` : seen)
