import type { SlotId } from '../asked/slots'
import { morningOf, type MorningDay } from './faces'
import { stillToCut, type Cut } from './shorter'
import type { Timetable } from './timetable'

/*
 * A day while it runs: what is done was done when it was ticked, what is left keeps its order and its artist and moves back by as much as
 * is lost. Nobody is asked to sit down earlier than was agreed. Minutes from midnight.
 */

/** What has happened so far. */
export interface Progress {
  /** When a block was done, by booking and block: see blockKey. */
  done: ReadonlyMap<string, number>
  /** What is left out today in addition to what was planned. */
  cuts: readonly { faceId: string; slot: SlotId }[]
}
export const blockKey = (faceId: string, block: number) => `${faceId} ${block}`

/** A stretch at a chair as it was or will be. */
export interface Running {
  faceId: string
  artist: string
  block: number
  from: number
  to: number
  /** When it was to begin. */
  planned: number
  done: boolean
}
export interface RunningDay {
  /** In the order they are done. */
  rows: Running[]
  /** When everybody is ready, by booking. */
  ready: Map<string, number>
  /** Who is not ready in time, in the order of the day; minutes. */
  late: { faceId: string; minutes: number }[]
  /** Faces that have not begun and sit down later than planned; minutes. */
  waits: { faceId: string; minutes: number }[]
}

const withToday = (day: MorningDay, cuts: Progress['cuts']): MorningDay => ({
  ...day,
  faces: day.faces.map(f => ({ ...f, cut: [...f.cut, ...cuts.filter(c => c.faceId === f.id).map(c => c.slot)] })),
})

/** How the rest of the day goes from here. */
export function running(day: MorningDay, plan: Timetable, { done, cuts }: Progress, now: number): RunningDay {
  const morning = morningOf(withToday(day, cuts))
  const faces = new Map(morning.faces.map(f => [f.id, f]))
  const artistFree = new Map<string, { at: number; faceId: string }>()
  const stationFree = new Map<number, number>()
  const faceFree = new Map<string, number>()
  const rows: Running[] = []
  const stretches = [
    ...plan.rows.map(r => ({ ...r, station: null })),
    ...plan.hair.map(h => ({ ...h, artist: null, block: -1 })),
  ].sort((x, y) => x.from - y.from || x.to - y.to)
  for (const { faceId, from: planned, to: plannedTo, ...at } of stretches) {
    const face = faces.get(faceId)
    if (!face) continue
    if (at.artist === null) {
      // Nobody ticks off the hair: it goes as planned, or as soon after as she is free.
      const from = Math.max(planned, faceFree.get(faceId) ?? 0, stationFree.get(at.station) ?? 0)
      stationFree.set(at.station, from + plannedTo - planned)
      faceFree.set(faceId, from + plannedTo - planned)
      continue
    }
    const before = artistFree.get(at.artist)
    const change = before && before.faceId !== faceId ? day.changeover : 0
    const settles = at.block > 0 ? (face.blocks[at.block - 1]?.gap?.least ?? 0) : 0
    const from = Math.max(planned, (before?.at ?? -Infinity) + change, (faceFree.get(faceId) ?? -Infinity) + settles)
    // Whoever is made up has had her skin prepared, ticked or not.
    const was = ofFace(plan, faceId).flatMap(b => (b >= at.block ? (done.get(blockKey(faceId, b)) ?? []) : []))[0]
    const minutes = face.blocks[at.block]?.minutes ?? face.look ?? plannedTo - planned
    const to = was ?? Math.max(from + minutes, now)
    rows.push({
      faceId,
      artist: at.artist,
      block: at.block,
      from: Math.min(from, to),
      to,
      planned,
      done: was !== undefined,
    })
    artistFree.set(at.artist, { at: to, faceId })
    faceFree.set(faceId, to)
  }
  const late = morning.faces.flatMap(({ id, readyBy }) => {
    const minutes = Math.ceil((faceFree.get(id) ?? readyBy) - readyBy)
    return minutes > 0 ? [{ faceId: id, minutes }] : []
  })
  return { rows, ready: faceFree, late, waits: waitsIn(rows) }
}

/** Blocks of a face in their order. */
const ofFace = (plan: Timetable, faceId: string) =>
  plan.rows.flatMap(r => (r.faceId === faceId ? [r.block] : [])).sort((x, y) => x - y)

function waitsIn(rows: readonly Running[]): RunningDay['waits'] {
  const first = new Map<string, Running>()
  for (const row of rows) if (!first.has(row.faceId)) first.set(row.faceId, row)
  return [...first.values()].flatMap(({ faceId, from, planned, done }) => {
    const minutes = Math.round(from - planned)
    return !done && minutes > 0 ? [{ faceId, minutes }] : []
  })
}

export interface MadeUp {
  /** In the order they are given up. */
  cuts: Cut[]
  /** How the day goes with them. */
  then: RunningDay
}

const lateness = ({ late }: RunningDay) => late.reduce((all, l) => all + l.minutes, 0)

/**
 * The fewest cuts, in the order of what is missed least, that make up for lost time as far as any can; what turns out not to help is put
 * back. Null where nobody is late.
 * @param lies whether something is on a face already: it cannot be left out any more
 */
export function madeUp(
  day: MorningDay,
  plan: Timetable,
  progress: Progress,
  now: number,
  lies: (faceId: string, slot: SlotId) => boolean,
): MadeUp | null {
  const asIs = running(day, plan, progress, now)
  if (asIs.late.length === 0) return null
  const open = new Set(asIs.rows.filter(r => !r.done).map(r => r.faceId))
  const toCome = withToday(day, progress.cuts).faces.filter(f => open.has(f.id))
  const all = stillToCut(toCome).filter(c => !lies(c.faceId, c.slot))
  const withCuts = (cuts: readonly Cut[]) => running(day, plan, { ...progress, cuts: [...progress.cuts, ...cuts] }, now)
  const least = lateness(withCuts(all))
  let cuts: Cut[] = []
  for (const cut of all) {
    if (lateness(withCuts(cuts)) <= least) break
    cuts = [...cuts, cut]
  }
  for (const cut of [...cuts].reverse()) {
    const without = cuts.filter(c => c !== cut)
    if (lateness(withCuts(without)) <= least) cuts = without
  }
  return { cuts, then: withCuts(cuts) }
}

/** Who is on an artist's chair, or next: the first that is not done. */
export const nextRow = (rows: readonly Running[], artist?: string): Running | undefined =>
  rows.find(r => !r.done && (artist === undefined || r.artist === artist))
