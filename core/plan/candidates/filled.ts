import type { KitItem } from '../../product/item'
import type { Candidate } from '../question/candidate'
import type { Locks, Situation } from '../question/question'
import type { Place } from '../layers/chain'
import { lockedCandidate } from './locks'
import { unmetBy } from '../needs/met'
import { NO_LAYER } from '../layers/layering'
import type { SlotUse } from '../needs/uses'

/** One place of a plan with everything that could fill it, before the chain is chosen. */
export interface Filled {
  use: SlotUse
  candidates: Candidate[]
  place: Place<Candidate>
  /** Held by the artist: there is nothing to choose. */
  fixed: boolean
  /** Why the place is left empty on purpose: a lock, or another layer that makes it pointless. */
  needless: string | null
}

// What a place without a product costs the plan: starting values, ours. A face can go without a second lip product, not without a base.
const EMPTY = -4
const EMPTY_BASE = -12
// Better none than one that turns pale: the lid holds with a little of the base.
const EMPTY_EYE_BASE = -1.25
// A scrub is no balm, and a patch that shows is worse than what it hides.
const EMPTY_LIP_CARE = -1
const EMPTY_PATCH = -1.5
const EMPTY_AT: Partial<Record<SlotUse['slot'], number>> = {
  'foundation': EMPTY_BASE,
  'eye primer': EMPTY_EYE_BASE,
  'lip care': EMPTY_LIP_CARE,
  // Another colour than was meant is worse than none.
  'powder': -2.1,
  'brows': -2,
  'eyes': -1.5,
}
const emptyAt = ({ slot, key, where }: SlotUse): number =>
  key === 'foundation' && where !== null ? EMPTY_PATCH : (EMPTY_AT[slot] ?? EMPTY)
// A product that does not meet what a place is there for.
const UNMET = 3

const isSoft = (use: SlotUse) => use.needs.every(n => n.soft)

/** Between equals: what clients see, then what costs less. */
const tieBreak = (item: KitItem) =>
  (item.seenByClients ? 0.02 : 0)
  - (item.priceMinor === null ? 0.005 : Math.min(0.01, item.priceMinor / item.size / 100_000))

/** What a candidate is worth in a place: what was found of it, and whether it does what the place is there for. */
export const worthIn = (use: SlotUse, { item, score }: Candidate) =>
  score - UNMET * unmetBy(use.needs, item).length + tieBreak(item)

/** A place with what may be chosen for it. */
export function fill(
  use: SlotUse,
  candidates: Candidate[],
  situation: Situation & { locks?: Locks },
  needless: string | null,
): Filled {
  const layers = !NO_LAYER.includes(use.slot)
  const lock = situation.locks?.[use.key]
  const option = (what: Candidate) => ({ what, worth: worthIn(use, what) })
  if (lock !== undefined) {
    const candidate = lockedCandidate(lock, use, candidates, situation)
    const all = candidate && !candidates.includes(candidate) ? [...candidates, candidate] : candidates
    const place = candidate
      ? { options: [option(candidate)], empty: -Infinity, layers }
      : { options: [], empty: 0, layers }
    return { use, candidates: all, place, fixed: true, needless }
  }
  if (needless !== null) return { use, candidates, place: { options: [], empty: 0, layers }, fixed: false, needless }
  const empty = isSoft(use) ? 0 : emptyAt(use)
  const may = candidates.filter(c => !c.veto).map(option)
  // The base is chosen by itself, as on Match; what goes under and over it is chosen to suit.
  const options = use.slot === 'foundation' ? may.sort((x, y) => y.worth - x.worth).slice(0, 1) : may
  return { use, candidates, place: { options, empty, layers }, fixed: false, needless }
}
