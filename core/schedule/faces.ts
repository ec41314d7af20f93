import type { SlotId } from '../asked/slots'
import { minutesOf, type ChairTime } from '../plan/layers/chair'
import type { Block, HairOrder, Morning, MorningFace } from './timetable'

/* The morning of a job: its faces as they are booked and planned, put to the timetable. */

export interface BookedFace {
  /** Of the booking. */
  id: string
  name: string
  /** Minutes from midnight; null for no time of its own: then when the day begins. */
  readyBy: number | null
  chair: ChairTime
  hair: { minutes: number; order: HairOrder } | null
  /** Sits second to last. */
  lead: boolean
  /** Whoever has to do it; empty for anybody. */
  artists: readonly string[]
  /** Does not come bare, clean and dry, and takes longer. */
  notReady: boolean
  /** What is left out on it. */
  cut: readonly SlotId[]
}

export interface MorningDay {
  artists: readonly string[]
  hairStations: number
  setUp: number
  changeover: number
  /** When everything has to be ready that has no time of its own. */
  begins: number
  /** In the order of the day. */
  faces: readonly BookedFace[]
  /** They sit down in that order, whatever it costs. */
  keepOrder: boolean
}

/** Skincare that has lain longer is done again; minutes. */
const LONGEST_SETTLING = 40

/** The blocks of a face, without what is cut on it. The chair is free while its skincare settles. */
export function blocksOf(chair: ChairTime, cut: readonly SlotId[]): Block[] {
  const gone = chair.cuts.filter(c => cut.includes(c.slot))
  const cutFrom = (parts: readonly string[]) => minutesOf(gone.filter(c => parts.includes(c.part)))
  const minutes = (whole: number, parts: readonly string[]) => Math.max(1, Math.ceil(whole - cutFrom(parts)))
  const waits = Math.max(0, Math.ceil(chair.settles - (chair.meanwhile - cutFrom(['meanwhile']))))
  const rest = { minutes: minutes(chair.after, ['meanwhile', 'after']) }
  return chair.before === 0
    ? [rest]
    : [
        { minutes: minutes(chair.before, ['before']), gap: { least: waits, most: Math.max(waits, LONGEST_SETTLING) } },
        rest,
      ]
}

/** Minutes that a face takes longer that did not come as asked. */
export const NOT_READY = 5

export function morningOf(day: MorningDay): Morning {
  const { artists, hairStations, setUp, changeover, begins, faces, keepOrder } = day
  return {
    artists,
    hairStations,
    setUp,
    changeover,
    ...(keepOrder ? { order: faces.map(f => f.id) } : {}),
    faces: faces.map((f): MorningFace => {
      const [first, ...rest] = blocksOf(f.chair, f.cut)
      return {
        id: f.id,
        readyBy: f.readyBy ?? begins,
        blocks: [{ ...first!, minutes: first!.minutes + (f.notReady ? NOT_READY : 0) }, ...rest],
        look: f.lead ? f.chair.touchUp : null,
        hair: hairStations > 0 ? f.hair : null,
        artists: f.artists.filter(a => artists.includes(a)),
        lead: f.lead,
      }
    }),
  }
}
