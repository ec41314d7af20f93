import type { Ref } from 'vue'
import { isSkincare, settles as isSettling } from '#core/plan/layers/chair'
import type { SlotId } from '#core/asked/slots'
import { betweenKey, cutKey, doneKey, insteadKey, noteKey, notesOf, onKey, stepKey } from '#shared/dayTicks'
import type { ChairFace, JobChair } from '#shared/records/people/chairs'
import type { useTicks } from './useTicks'

/** A face that sat longer was not worked on all the while; minutes. */
const LONGEST_SITTING = 12 * 60

/** What the clock at the chair is read from; all times are minutes from midnight where the job is. */
interface ChairClock {
  /** Null on any other day. */
  now: Readonly<Ref<number | null>>
  /** By the key of the tick. */
  tickedAt: Readonly<Ref<ReadonlyMap<string, number>>>
  turnsOf: (face: ChairFace) => readonly { key: string; layer: { slot: SlotId } | null }[]
  mainBlock: (bookingId: string) => number
  /** Minutes that the skincare of a booking takes to sink in. */
  settles: (bookingId: string) => number
}

/** How long a face has been sitting, and what still has to sink in. */
export function chairTimes(of: ChairClock) {
  /** Minutes since the first thing was put on a face, until it was finished; null before. */
  function sinceFirst(face: ChairFace): number | null {
    const own = [...of.tickedAt.value].filter(([key]) => key.startsWith(onKey(face.bookingId, ''))).map(([, at]) => at)
    const until = of.tickedAt.value.get(doneKey(face.bookingId, of.mainBlock(face.bookingId))) ?? of.now.value
    const since = until === null ? Infinity : until - Math.min(...own, until)
    // Clocks that do not agree say nothing of how long it took.
    return own.length === 0 || since > LONGEST_SITTING ? null : since
  }
  /** Minutes until skincare has sunk in; 0 where nothing has to. */
  function settlesFor(face: ChairFace): number {
    const takes = of.settles(face.bookingId)
    const keys = of
      .turnsOf(face)
      .flatMap(t => (t.layer && isSettling(t.layer.slot) ? [onKey(face.bookingId, t.key)] : []))
    const at = keys.map(key => of.tickedAt.value.get(key))
    if (of.now.value === null || at.length === 0 || at.some(a => a === undefined)) return 0
    return Math.max(0, Math.ceil(Math.max(...(at as number[])) + takes - of.now.value))
  }
  return { sinceFirst, settlesFor }
}

/** What is noted on a face at the chair, and whether everything was wiped after it. */
export function chairNotes(ticks: ReturnType<typeof useTicks>) {
  const notes = (bookingId: string) => notesOf(ticks.ticked.value, bookingId)
  const note = (bookingId: string, text: string) => ticks.tick(noteKey(bookingId, crypto.randomUUID()), true, text)
  const takeBack = (key: string) => ticks.tick(key, false)
  const wiped = (bookingId: string) => ticks.done.value.has(betweenKey(bookingId))
  const wipe = (bookingId: string, done: boolean) => ticks.tick(betweenKey(bookingId), done)
  return { notes, note, takeBack, wiped, wipe }
}

/** What the marks at the chair are set from. */
interface ChairMarks {
  ticks: ReturnType<typeof useTicks>
  chair: Readonly<Ref<JobChair | null>>
  turnsOf: (face: ChairFace) => readonly { key: string; layer: { slot: SlotId } | null }[]
  laterOn: (face: ChairFace) => readonly { id: string }[]
  /** The block a face is finished with. */
  mainBlock: (bookingId: string) => number
  blocks: (bookingId: string) => readonly number[]
  isOn: (bookingId: string, key: string) => boolean
}

/** Layers on or off, blocks finished, another product instead, left out, begun again: each a tick. */
export function chairMarks(of: ChairMarks) {
  /** A layer is on, or not; a block is done with its last layer, and not any more with the first that comes off. */
  function mark(face: ChairFace, key: string, done: boolean): void {
    const { bookingId } = face
    of.ticks.tick(onKey(bookingId, key), done)
    const turns = of.turnsOf(face)
    const main = of.mainBlock(bookingId)
    const parts = [{ block: main, turns }]
    if (main > 0) parts.push({ block: 0, turns: turns.filter(t => t.layer && isSkincare(t.layer.slot)) })
    for (const { block, turns: own } of parts) {
      if (!own.some(t => t.key === key)) continue
      const isNow = done && own.every(t => of.isOn(bookingId, t.key))
      if (isNow !== isFinished(bookingId, block) && isNow === done) finish(bookingId, block, isNow)
    }
  }
  const isFinished = (bookingId: string, block = of.mainBlock(bookingId)) =>
    of.ticks.done.value.has(doneKey(bookingId, block))
  const finish = (bookingId: string, block: number, done = true) => of.ticks.tick(doneKey(bookingId, block), done)
  /** Something else went on; the one that was planned takes its place again with its own id. */
  function goInstead({ bookingId }: ChairFace, layer: string, itemId: string): void {
    const planned = of.chair.value?.faces.find(f => f.bookingId === bookingId)?.plan?.layers.find(l => l.key === layer)
    for (const { key } of of.ticks.ticked.value)
      if (key.startsWith(`instead ${bookingId} `) && key.endsWith(` ${layer}`)) of.ticks.tick(key, false)
    if (planned?.item.id !== itemId) of.ticks.tick(insteadKey(bookingId, itemId, layer), true)
  }
  const leaveOut = (cuts: readonly { faceId: string; slot: SlotId }[], out = true) => {
    for (const c of cuts) of.ticks.tick(cutKey(c.faceId, c.slot), out)
  }
  function again(face: ChairFace): void {
    const keys = [...of.turnsOf(face).map(t => t.key), ...of.laterOn(face).map(s => stepKey(s.id))]
    for (const key of keys) if (of.isOn(face.bookingId, key)) of.ticks.tick(onKey(face.bookingId, key), false)
    for (const block of of.blocks(face.bookingId))
      if (isFinished(face.bookingId, block)) finish(face.bookingId, block, false)
  }
  return { goInstead, isFinished, mark, finish, leaveOut, again }
}
