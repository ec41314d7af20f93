import { clockAfter, type ZonedDay } from '#core/schedule/clock'
import type { Bend, Bent, Cut, Shorter } from '#core/schedule/shorter'
import type { Timetable } from '#core/schedule/timetable'
import { slotPlan } from '#core/asked/slots'
import { ONESELF, type JobMorning } from '#shared/records/days/mornings'
import { capital, listInWords, plural } from './words'

/** What the timetable answers, as a sentence. */
export function morningInWords(on: ZonedDay, { notBefore }: JobMorning, plan: Timetable): string {
  const last = Math.max(...plan.rows.map(r => r.to), ...plan.hair.map(h => h.to))
  const ends = `the last is ready at ${clockAfter(on, last)}`
  if (notBefore !== null && plan.start < notBefore)
    return `It does not fit: you would have to begin at ${clockAfter(on, plan.start)}.`
  return `Begin at ${clockAfter(on, plan.start)} and ${ends}.`
}

/** How sure it is that no other order is better. */
export function proofInWords(on: ZonedDay, plan: Timetable, ready: boolean): string {
  if (plan.proof.optimal) return 'Proven: no order lets you begin later.'
  const bound = clockAfter(on, plan.proof.bound)
  return ready
    ? `The best that was found in the time; no order begins after ${bound}.`
    : `The best so far; no order begins after ${bound}.`
}

export const slotInWords = (slot: Cut['slot']) => slotPlan(slot).name.toLowerCase()

/** Cuts by face: "Harriet's lashes (6) and contour (4)". */
export function cutsInWords(cuts: readonly Cut[], nameOf: (faceId: string) => string): string {
  const byFace = new Map<string, Cut[]>()
  for (const cut of cuts) byFace.set(cut.faceId, [...(byFace.get(cut.faceId) ?? []), cut])
  return [...byFace]
    .map(([id, some]) => `${nameOf(id)}: ${listInWords(some.map(c => `${slotInWords(c.slot)} (${tidy(c.minutes)})`))}`)
    .join('; ')
}
const tidy = (minutes: number) => (Number.isInteger(minutes) ? `${minutes}` : minutes.toFixed(1))

export const SHORTER_NEEDS = 'Cut, in this order of what is missed least'

/** What a rule of the morning costs, as a heading and a line. */
export function bendInWords(
  on: ZonedDay,
  { bend, start, proven }: Bent,
  now: Timetable,
  nameOf: (faceId: string) => string,
): { what: string; price: string } {
  const later = plural(start - now.start, 'minute')
  const price = `${later} later: begin at ${clockAfter(on, start)}${proven ? '' : ', or later still'}`
  return { what: capital(WHAT[bend.is](nameOf('faceId' in bend ? bend.faceId : ''))), price }
}
const WHAT: Readonly<Record<Bend['is'], (name: string) => string>> = {
  hair: name => `${name}’s hair before or after`,
  lead: name => `${name} anywhere in the order`,
  station: () => 'one more hair station',
  order: () => 'any other order',
  artist: () => 'a second pair of hands',
  short: () => 'short versions for everybody',
}

/** Rules that cost nothing, in one line; empty where there is none. */
export const gainless = (bent: readonly Bent[], now: Timetable, nameOf: (faceId: string) => string): string =>
  listInWords(
    bent
      .filter(b => b.start <= now.start)
      .map(({ bend }) => WHAT[bend.is](nameOf('faceId' in bend ? bend.faceId : ''))),
  )

/** What to do about a late start. */
export function lateInWords({ cuts, enough, missing }: Shorter, nameOf: (faceId: string) => string): string {
  if (cuts.length === 0)
    return enough
      ? 'Nothing has to be left out.'
      : `Nothing that could be cut helps: somebody is ready ${plural(missing, 'minute')} late.`
  const said = `${SHORTER_NEEDS}: ${cutsInWords(cuts, nameOf)}.`
  return enough ? said : `${said} With all that helps, somebody is still ready ${plural(missing, 'minute')} late.`
}

export const artistInWords = (artist: string) => (artist === ONESELF ? 'you' : artist)

/** One thing of the day, at its time. */
export interface DayLine {
  from: number
  to: number
  who: string
  /** A booking; null for what is of nobody. */
  faceId: string | null
  what: string
}

/** Everything of a day in its order, as the wall has it. */
export function linesOfDay({ day, packDown }: JobMorning, plan: Timetable): DayLine[] {
  const nameOf = (id: string) => day.faces.find(f => f.id === id)?.name ?? ''
  const last = (id: string) => Math.max(...plan.rows.filter(r => r.faceId === id).map(r => r.block))
  const withWhom = (artist: string) => (day.artists.length > 1 ? ` with ${artistInWords(artist)}` : '')
  const chairs = plan.rows.map((r): DayLine => ({
    from: r.from,
    to: r.to,
    who: nameOf(r.faceId),
    faceId: r.faceId,
    what: `${partInWords(r.block, last(r.faceId), hasLook(day.faces, r.faceId))}${withWhom(r.artist)}`,
  }))
  const hair = plan.hair.map((h): DayLine => ({
    from: h.from,
    to: h.to,
    who: nameOf(h.faceId),
    faceId: h.faceId,
    what: 'hair',
  }))
  const end = Math.max(...plan.rows.map(r => r.to), ...plan.hair.map(h => h.to))
  return [
    { from: plan.start, to: plan.start + day.setUp, who: '', faceId: null, what: 'set up' },
    ...[...chairs, ...hair].sort((x, y) => x.from - y.from || x.to - y.to),
    { from: end, to: end + packDown, who: '', faceId: null, what: 'pack down' },
  ].filter(l => l.to > l.from)
}

const hasLook = (faces: JobMorning['day']['faces'], id: string) => {
  const face = faces.find(f => f.id === id)
  return Boolean(face?.lead && face.chair.touchUp > 0)
}

/** What a block of a face is. @param looks whether its last one is the look before leaving */
export function partInWords(block: number, last: number, looks: boolean): string {
  if (looks && block === last && last > 0) return 'a look before leaving'
  const parts = looks ? last : last + 1
  return parts > 1 && block === 0 ? 'skin prepared' : parts > 1 ? 'make-up' : 'at the chair'
}
