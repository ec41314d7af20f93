import type { SlotId } from '../asked/slots'
import { morningOf, type BookedFace, type MorningDay } from './faces'
import { CUT_FIRST } from '../plan/layers/minutes'
import { timetable, type Timetable } from './timetable'

/* What to do when a morning is too long, or has run late: what each way costs. */

export interface Cut {
  faceId: string
  slot: SlotId
  minutes: number
}

export interface Shorter {
  /** In the order they are given up. */
  cuts: Cut[]
  timetable: Timetable
  /** The day can begin as late as was asked for. */
  enough: boolean
  /** Where it cannot: by how many minutes. */
  missing: number
}

/** What could still be left out, in the order it is given up: the least missed first, on the lead face last of all. */
export function stillToCut(faces: readonly BookedFace[]): Cut[] {
  const all = faces.flatMap(f =>
    f.chair.cuts
      .filter(c => !f.cut.includes(c.slot))
      .map(c => ({ faceId: f.id, slot: c.slot, minutes: c.minutes, lead: f.lead })),
  )
  return all
    .sort(
      (x, y) =>
        Number(x.lead) - Number(y.lead)
        || CUT_FIRST.indexOf(x.slot) - CUT_FIRST.indexOf(y.slot)
        || y.minutes - x.minutes,
    )
    .map(({ lead: _lead, ...cut }) => cut)
}

const withCuts = (day: MorningDay, cuts: readonly Cut[]): MorningDay => ({
  ...day,
  faces: day.faces.map(f => ({ ...f, cut: [...f.cut, ...cuts.filter(c => c.faceId === f.id).map(c => c.slot)] })),
})

/**
 * The fewest cuts, in their order, with which the day can begin as late as this; what turns out not to help is put back.
 * @param notBefore minutes from midnight
 * @param eachMs for one timetable
 */
export function shorter(day: MorningDay, notBefore: number, eachMs: number): Shorter {
  const all = stillToCut(day.faces)
  const tried = new Map<number, Timetable>()
  const planned = (cuts: readonly Cut[]) => timetable(morningOf(withCuts(day, cuts)), { timeLimitMs: eachMs })
  const first = (n: number) => {
    const known = tried.get(n) ?? planned(all.slice(0, n))
    tried.set(n, known)
    return known
  }
  // What does not bring it any nearer is not given up in vain.
  const goal = Math.min(notBefore, first(all.length).start)
  let [low, high] = [0, all.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (first(middle).start >= goal) high = middle
    else low = middle + 1
  }
  let cuts = all.slice(0, low)
  let best = first(low)
  // The one that tipped it was needed; what came before it perhaps not, the dearest first.
  for (const cut of [...cuts].reverse().slice(1)) {
    const without = cuts.filter(c => c !== cut)
    const tryIt = planned(without)
    if (tryIt.start < goal) continue
    cuts = without
    best = tryIt
  }
  return { cuts, timetable: best, enough: goal === notBefore, missing: notBefore - goal }
}

export type Bend =
  | { is: 'hair'; faceId: string }
  | { is: 'lead'; faceId: string }
  | { is: 'order' }
  | { is: 'station' }
  | { is: 'artist' }
  | { is: 'short' }

export interface Bent {
  bend: Bend
  /** When the day would begin then. */
  start: number
  proven: boolean
}

/** What each rule of the morning costs: when the day could begin without it. */
export function bends(day: MorningDay, eachMs: number, onEach?: (bent: Bent) => void): Bent[] {
  const changed = (part: Partial<MorningDay>) => ({ ...day, ...part })
  const withFace = (id: string, part: Partial<BookedFace>) =>
    changed({ faces: day.faces.map(f => (f.id === id ? { ...f, ...part } : f)) })
  const asked: { bend: Bend; day: MorningDay }[] = []
  for (const f of day.faces) {
    if (day.hairStations > 0 && f.hair && f.hair.order !== 'either')
      asked.push({
        bend: { is: 'hair', faceId: f.id },
        day: withFace(f.id, { hair: { ...f.hair, order: 'either' } }),
      })
    // She still has her look before leaving.
    if (f.lead && day.faces.length >= 3 && !day.keepOrder) asked.push({ bend: { is: 'lead', faceId: f.id }, day: day })
  }
  if (day.faces.some(f => f.hair) && day.hairStations > 0)
    asked.push({ bend: { is: 'station' }, day: changed({ hairStations: day.hairStations + 1 }) })
  if (day.keepOrder) asked.push({ bend: { is: 'order' }, day: changed({ keepOrder: false }) })
  asked.push({ bend: { is: 'artist' }, day: changed({ artists: [...day.artists, SECOND] }) })
  if (stillToCut(day.faces).length > 0) asked.push({ bend: { is: 'short' }, day: withCuts(day, stillToCut(day.faces)) })
  return asked.map(({ bend, day: other }) => {
    const morning = morningOf(other)
    const asIs = bend.is === 'lead' ? { ...morning, faces: morning.faces.map(f => ({ ...f, lead: false })) } : morning
    const { start, proof } = timetable(asIs, { timeLimitMs: eachMs })
    const bent = { bend, start, proven: proof.optimal }
    onEach?.(bent)
    return bent
  })
}

/** The name of an artist who is not there yet. */
export const SECOND = 'a second artist'
