import type { FaceFacts } from '../asked/face'
import type { JobFacts } from '../asked/job'
import { vetoOf } from '../suitability/finding'
import { findingsOn } from '../suitability/rules'
import { lift } from './question/candidate'
import type { Override } from './question/question'
import type { Layer } from './described/describe'
import type { PlanSettings } from '../asked/settings'
import type { SlotId } from '../asked/slots'

/** A layer of a kept plan that a rule forbids on the day it is for. */
export interface Against {
  slot: SlotId
  layer: string
  itemId: string
  item: string
  rule: string
  sentence: string
  /** Whether it may do harm; else it only looks wrong. */
  harm: boolean
}

/** What speaks today against a plan that was made for another day: a veto that nobody has lifted. */
export function againstToday(
  layers: readonly Pick<Layer, 'slot' | 'name' | 'item'>[],
  { face, job, settings }: { face: FaceFacts; job: JobFacts; settings: PlanSettings },
  overrides: readonly Override[],
): Against[] {
  return layers.flatMap(({ slot, name, item }): Against[] => {
    const said = findingsOn({ item, slot, skinType: face.skinType, face, job, settings })
    const veto = vetoOf(lift(item, said, overrides))
    if (!veto) return []
    const { rule, sentence, effect } = veto
    return [{ slot, layer: name, itemId: item.id, item: item.name, rule, sentence, harm: effect.of === 'harm' }]
  })
}
