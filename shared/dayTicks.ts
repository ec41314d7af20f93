import type { Worked } from '#core/plan/asWorked'
import { SLOT_IDS, type SlotId } from '#core/asked/slots'
import type { Tick } from '#core/schedule/ticks'
import { blockKey } from '#core/schedule/running'

/* What is ticked on a job's day, as the keys of its ticks: what is packed, what lies on whom, who is done, what was done otherwise. */

export const packedKey = (unitId: string) => `unit ${unitId}`
/** A layer that is on, or a step that is done. */
export const onKey = (bookingId: string, key: string) => `on ${bookingId} ${key}`
/** A step of a plan among the keys of its layers. */
export const stepKey = (id: string) => `step: ${id}`
export const doneKey = (bookingId: string, block: number) => `done ${blockKey(bookingId, block)}`
export const cutKey = (bookingId: string, slot: string) => `cut ${bookingId} ${slot}`
/** Something else went on than was planned there. */
export const insteadKey = (bookingId: string, itemId: string, layer: string) =>
  `instead ${bookingId} ${encodeURIComponent(itemId)} ${layer}`
/** A note about somebody, each its own: two devices that write at once both keep theirs. */
export const noteKey = (bookingId: string, id: string) => `note ${bookingId} ${id}`
export const betweenKey = (bookingId: string) => `between ${bookingId}`

/** What a tick is about: a booking, or a thing; null for a key that nothing of ours writes. */
export function aboutOf(key: string): { bookingId: string } | { unitId: string } | null {
  const unitId = /^unit (\S+)$/.exec(key)?.[1]
  if (unitId !== undefined) return { unitId }
  const bookingId = /^(?:on|done|cut|instead|note|between) (\S+)/.exec(key)?.[1]
  return bookingId === undefined ? null : { bookingId }
}

export interface ChairNote {
  key: string
  text: string
  /** ISO moment. */
  at: string
}
/** Notes on a booking, word for word. */
export const notesOf = (ticks: readonly Tick[], bookingId: string): ChairNote[] =>
  ticks
    .filter(t => t.done && t.text !== '' && t.key.startsWith(noteKey(bookingId, '')))
    .map(({ key, text, at }) => ({ key, text, at }))
    .sort((x, y) => Date.parse(x.at) - Date.parse(y.at))

/** What was done otherwise, by booking. */
export function workedBy(ticks: readonly Omit<Tick, 'text'>[]): Map<string, Worked> {
  const all = new Map<string, { cut: SlotId[]; instead: Map<string, string> }>()
  const of = (bookingId: string) => {
    const known = all.get(bookingId) ?? { cut: [], instead: new Map<string, string>() }
    all.set(bookingId, known)
    return known
  }
  // Of two ticks on one place the newer counts.
  for (const { key } of ticks.filter(t => t.done).sort((x, y) => Date.parse(x.at) - Date.parse(y.at))) {
    const [, cutOf, slot] = /^cut (\S+) (.+)$/.exec(key) ?? []
    const known = SLOT_IDS.find(id => id === slot)
    if (cutOf && known) of(cutOf).cut.push(known)
    const [, bookingId, item, layer] = /^instead (\S+) (\S+) (.+)$/.exec(key) ?? []
    if (bookingId && item && layer) of(bookingId).instead.set(layer, plain(item))
  }
  return all
}
/** Of a key that was written by something else, as it stands. */
function plain(encoded: string): string {
  try {
    return decodeURIComponent(encoded)
  } catch {
    return encoded
  }
}
