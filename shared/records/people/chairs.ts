import type { Lab } from '#core/colour/lab'
import type { BetweenLine } from '#core/bag/between'
import type { FacePlan } from '#core/plan/described/describe'
import type { Found } from '#core/stock/handling/found'
import type { Consent } from '../method/consultation'

/** What of a plan is worked from: without what else was weighed. */
export type ChairPlan = Pick<FacePlan, 'layers' | 'steps' | 'seams' | 'minutes' | 'pack'>

/** A face as it is worked on at the venue. */
export interface ChairFace {
  bookingId: string
  faceId: string
  name: string
  services: string
  /** Null where nobody has read it. */
  skin: Lab | null
  /** What was declared. */
  sensitivities: string[]
  /** What was declared and has to be asked or kept in mind before anything goes on. */
  askFirst: string[]
  /** Whether pictures of them may be kept. */
  keepPictures: Consent
  plan: ChairPlan | null
  /** What speaks against a kept plan on this day. */
  against: string[]
  /** What was agreed, and what was to be changed on the day. */
  agreed: string
  change: string
  /** What is done after it, before the next sits down. */
  between: BetweenLine[]
}

/** Where something is reached for. */
export interface FoundAt extends Pick<Found, 'along' | 'pan'> {
  /** The name of the pouch or case; empty where it is nowhere. */
  place: string
}

/** Everybody of a day, whole: a device works from it without asking for more. */
export interface JobChair {
  /** In the order of the day. */
  faces: ChairFace[]
  /** Whatever is mixed, by its id. */
  bottles: Record<string, { shade: string; lab: Lab }>
  /** Where whatever goes on is reached for, by its id. */
  found: Record<string, FoundAt>
}
