import type { SlotId } from '../plan/slots'
import { blocksOf, type ChairTime } from './chair'
import type { HairOrder, Morning, MorningFace } from './timetable'

/* The morning of a job: its faces as they are booked and planned, put to the timetable. */

export interface BookedFace {
  /** Of the booking. */
  id: string
  name: string
  /** Minutes from midnight; null where nobody said: then when the day begins. */
  readyBy: number | null
  chair: ChairTime
  hair: { minutes: number; order: HairOrder } | null
  /** Sits second to last. */
  lead: boolean
  /** Whoever has to do it; empty for anybody. */
  artists: readonly string[]
  /** Comes bare, clean and dry; whoever does not takes longer. */
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
