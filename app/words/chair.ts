import { clockAfter, type ZonedDay } from '#core/schedule/clock'
import type { Between, BetweenLine } from '#core/bag/between'
import type { MadeUp, Running, RunningDay } from '#core/schedule/running'
import type { FoundAt } from '#shared/records/people/chairs'
import { artistInWords, cutsInWords } from './morning'
import { listInWords, plural } from './words'

type NameOf = (bookingId: string) => string

/** Who sits now or next, as a sentence. */
export function chairInWords(on: ZonedDay, next: Running | undefined, nameOf: NameOf, now: number | null): string {
  if (!next) return 'Everybody is done.'
  const name = nameOf(next.faceId)
  if (now === null) return `${name} sits down first, at ${clockAfter(on, next.from)}.`
  if (now > next.from && now >= next.to) return `${name} is still on the chair.`
  return now >= next.from
    ? `${name} is on the chair until ${clockAfter(on, next.to)}.`
    : `${name} sits down at ${clockAfter(on, next.from)}.`
}

/** Whether the day is on time, and where not, who is late and who waits. */
export function runningInWords({ late, waits }: RunningDay, nameOf: NameOf): string {
  const waiting = listInWords(waits.map(w => `${nameOf(w.faceId)} (${w.minutes} min)`))
  if (late.length === 0) return waits.length === 0 ? 'On time.' : `Still in time; later on the chair: ${waiting}.`
  const lateOnes = listInWords(late.map(l => `${nameOf(l.faceId)} by ${plural(l.minutes, 'minute')}`))
  return `Late: ${lateOnes}.${waits.length > 0 ? ` Waiting longer: ${waiting}.` : ''}`
}

/** What makes up for lost time. */
export function madeUpInWords({ cuts, then }: MadeUp, nameOf: NameOf): string {
  if (cuts.length === 0) return 'Nothing that could be left out helps: tell whoever waits.'
  const rest = listInWords(then.late.map(l => `${nameOf(l.faceId)} by ${plural(l.minutes, 'minute')}`))
  const said = `Leave out, in the order of what is missed least: ${cutsInWords(cuts, nameOf)}.`
  return rest ? `${said} Still late then: ${rest}; tell them.` : `${said} Then everybody is in time.`
}

const DO: Readonly<Record<Between, (what: string) => string>> = {
  hands: () => 'Wash or disinfect your hands.',
  bin: what => `Throw away: ${what}.`,
  apart: what => `Set apart until the last touch-up: ${what}.`,
  swap: what => `Swap for a clean one: ${what}.`,
  scrape: what => `Wipe or scrape the top layer off: ${what}.`,
  sharpen: what => `Sharpen, wipe with 70 % alcohol and let dry: ${what}.`,
  flush: what => `Flush the ${what}.`,
  wipe: what => `Wipe, then disinfect as long as the label says: ${what}.`,
}
export const betweenInWords = (line: BetweenLine): string => DO[line.do](listInWords(line.what))

function placeOf({ place, along, pan }: FoundAt): string {
  const where = [pan && `pan ${pan.at} of ${pan.of} in ${pan.palette}`, place].filter(Boolean).join(', ')
  return `${where || 'no place noted'}${along ? '' : ' (not packed)'}`
}
/** Where one reaches for what goes on: its pouch and pan; bottles of a mix in one line where they are in one place. */
export function reachedInWords(all: readonly { name: string; at: FoundAt }[]): string {
  const byPlace = new Map<string, string[]>()
  for (const { name, at } of all) byPlace.set(placeOf(at), [...(byPlace.get(placeOf(at)) ?? []), name])
  if (byPlace.size === 1) return `where: ${[...byPlace.keys()][0]}`
  return `where: ${[...byPlace].map(([place, names]) => `${listInWords(names)} in ${place}`).join('; ')}`
}

/** The time at the chair so far: "18 of 42 min". */
export function timeInWords(since: number | null, full: number): string {
  return since === null ? `${Math.round(full)} min` : `${Math.floor(since)} of ${Math.round(full)} min`
}
export const withArtist = ({ artist }: Running, artists: readonly string[]) =>
  artists.length > 1 ? artistInWords(artist) : ''
