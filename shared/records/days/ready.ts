import type { Against } from '#core/plan/against'
import type { BagBuried, BagOver, BagVenue } from './bags'
import type { JobMorning } from './mornings'

/** Whoever a check is about. */
export interface CheckFace {
  faceId: string
  bookingId: string
  name: string
}
/** One thing that is still open before the day of a job. */
export type Check =
  | { is: 'nobody' }
  | { is: 'no day' }
  | { is: 'unread'; faces: CheckFace[] }
  | { is: 'unmatched'; faces: CheckFace[] }
  | { is: 'against'; face: CheckFace; found: Against[] }
  | { is: 'lacking'; keys: string[]; names: string[]; sold: number; priceMinor: number; onTheWay: boolean }
  | { is: 'bring'; names: string[] }
  | { is: 'out'; names: string[]; massG: number }
  | { is: 'past'; names: string[]; ids: string[] }
  | { is: 'heavy'; over: BagOver }
  | { is: 'buried'; buried: BagBuried[] }

/** Whether a job can begin, and what is still open. */
export interface JobReady {
  checks: Check[]
  /** Whether it can begin early enough is worked out from this where it is shown. */
  morning: JobMorning
  /** What is no obstacle: the one of its kind that stops the job when it fails. */
  single: string[]
  venue: BagVenue
}
