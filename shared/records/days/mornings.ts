import type { Lab } from '#core/colour/lab'
import type { BookedFace, MorningDay } from '#core/schedule/faces'

/** A face of a morning, with what the timetable shows of it. */
export interface MorningPerson extends BookedFace {
  faceId: string
  /** Null where nobody has read it. */
  skin: Lab | null
  services: string
  /** Why its time is a usual one and not that of its plan; null where it is. */
  guessed: string | null
}

/** A job's morning as it is booked and planned: what the timetable is made from. */
export interface JobMorning {
  day: Omit<MorningDay, 'faces'> & { faces: MorningPerson[] }
  /** Minutes from midnight; null where nothing opens late. */
  notBefore: number | null
  /** Whether any time to be ready by is noted. */
  timed: boolean
  packDown: number
}

/** The artist whose kit it is, among the artists of a morning. */
export const ONESELF = 'you'
