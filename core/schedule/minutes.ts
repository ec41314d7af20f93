import type { FaceFacts } from '../suitability/face'
import type { JobFacts } from '../suitability/job'
import type { MethodOrder } from '../plan/settings'
import { slotPlan, type SlotId } from '../plan/slots'

// What a rushed morning gives up first.
// prettier-ignore
const CUT_FIRST: readonly SlotId[] = [
  'mask', 'tone', 'glow', 'highlight', 'contour', 'bronze', 'lip top', 'liner', 'primer', 'lip liner', 'eye care',
  'lashes', 'eye primer', 'concealer',
]

const TAKES = { baseFromRecipe: 5, settling: 5, richSettling: 10, checkAndPhoto: 2, grooming: 10, child: 12 }
const EYE_SLOTS: readonly SlotId[] = ['brows', 'eye primer', 'eyes', 'liner', 'mascara', 'lashes']

export interface Minutes {
  full: number
  short: number
  /** What the short version leaves out, in the order it is given up. */
  cut: SlotId[]
  /** Of the full time, waiting for skincare with nothing to do meanwhile. */
  waiting: number
}

export interface TimedSlot {
  slot: SlotId
  /** A rich cream takes longer to sink in. */ rich?: boolean
  required?: boolean
}

/** How long a face takes, built from its steps, and what can be left out when the morning runs late. */
export function minutesFor(
  slots: readonly TimedSlot[],
  face: Pick<FaceFacts, 'ageBand' | 'facialHair' | 'hasRecipe'>,
  job: Pick<JobFacts, 'limbs'>,
  order: MethodOrder,
): Minutes {
  const minutes = ({ slot }: TimedSlot) => {
    if (slot === 'foundation' && face.hasRecipe) return TAKES.baseFromRecipe
    return slotPlan(slot).minutes * (slot === 'body' ? job.limbs : 1)
  }
  const total = (kept: readonly TimedSlot[]) => {
    if (face.ageBand === 'child') return { sum: TAKES.child, waiting: 0 }
    const settling = kept.some(s => s.slot === 'moisturise')
      ? kept.some(s => s.rich)
        ? TAKES.richSettling
        : TAKES.settling
      : 0
    const meanwhile =
      order === 'eyes while skincare settles'
        ? kept.filter(s => EYE_SLOTS.includes(s.slot)).reduce((sum, s) => sum + minutes(s), 0)
        : 0
    const waiting = Math.max(0, settling - meanwhile)
    // A second tone's base is mixed beside the first.
    const sum =
      kept.reduce((all, s) => all + minutes(s), 0)
      + waiting
      + TAKES.checkAndPhoto
      + (face.facialHair ? TAKES.grooming : 0)
    return { sum, waiting }
  }
  const cut = CUT_FIRST.filter(id => slots.some(s => s.slot === id && !s.required))
  const full = total(slots)
  return {
    full: Math.round(full.sum),
    waiting: Math.round(full.waiting),
    cut,
    short: Math.round(total(slots.filter(s => !cut.includes(s.slot))).sum),
  }
}
