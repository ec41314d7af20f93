import type { PlanQuestion } from '../question/question'
import type { KitItem } from '../../product/item'
import { NO_LAYER, seamBetween, type Seam } from '../layers/layering'
import { slotPlan } from '../../asked/slots'
import type { SlotUse } from '../needs/uses'

export interface PlanSeam extends Omit<Seam, 'cost'> {
  under: string
  over: string
}
/** Where two layers of the plan meet badly, and what helps. */
export function seamsOf(
  chosen: readonly { use: SlotUse; item: KitItem }[],
  settings: PlanQuestion['settings'],
): PlanSeam[] {
  const laid = chosen.filter(c => !NO_LAYER.includes(c.use.slot))
  const seams: PlanSeam[] = []
  const meet = (under: (typeof laid)[number] | undefined, over: (typeof laid)[number] | undefined) => {
    if (!under || !over) return
    const seam = seamBetween(
      { item: under.item, slot: under.use.slot },
      { item: over.item, slot: over.use.slot },
      settings,
    )
    if (seam)
      seams.push({
        under: under.use.key,
        over: over.use.key,
        risk: seam.risk,
        sentence: seam.sentence,
        mend: seam.mend,
      })
  }
  for (const ground of ['skin', 'eyes', 'lips', 'lashes', 'brows', 'body'] as const) {
    // Two parts of the face done with two products lie next to each other, not on each other.
    const own = laid.filter(c => slotPlan(c.use.slot).ground === ground)
    own.forEach((over, i) => {
      const below = own.slice(0, i).filter(c => c.use.slot !== over.use.slot)
      const nearest = below.at(-1)?.use.slot
      for (const under of below.filter(c => c.use.slot === nearest)) meet(under, over)
    })
  }
  meet(
    laid.find(c => c.use.slot === 'eye care'),
    laid.find(c => c.use.slot === 'concealer'),
  )
  return seams
}
