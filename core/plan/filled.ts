import type { Candidate } from './candidate'
import type { Place } from './chain'
import type { Requirement } from '../suitability/finding'
import type { SlotUse } from './uses'

/** One place of a plan with everything that could fill it, before the chain is chosen. */
export interface Filled {
  use: SlotUse
  candidates: Candidate[]
  place: Place<Candidate>
  /** Held by the artist: there is nothing to choose. */
  fixed: boolean
  requirements: Requirement[]
}
