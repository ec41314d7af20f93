import { agreedLook } from '#core/look/agreed'
import { aimAt } from '#core/look/aim'
import type { FaceFacts, Zone, ZoneState } from '#core/asked/face'
import type { Effect, Weighing } from '#core/suitability/finding'
import type { KitItem } from '#core/product/item'
import type { JobFacts } from '#core/asked/job'
import type { PlanSettings } from '#core/asked/settings'
import type { SlotId } from '#core/asked/slots'
import { face, item, job, settings } from '../suitability'

/** A face, a job and a product, as far as they differ from the usual ones. */
export interface Case {
  item?: KitItem
  slot?: SlotId
  face?: Partial<FaceFacts>
  job?: Partial<JobFacts>
  settings?: Partial<PlanSettings>
  skinType?: FaceFacts['skinType']
}

/** One finding: the case in which it appears with its sentence, and one, as near as can be, in which it does not. */
export type RuleCase = readonly [rule: string, effect: Effect, sentence: RegExp, fires: Case, silent: Case]

export const weigh = (c: Case): Weighing => {
  const person = face(c.face)
  const day = job(c.job)
  const slot = c.slot ?? 'foundation'
  return {
    item: c.item ?? item('foundation'),
    slot,
    face: person,
    skinType: c.skinType ?? person.skinType,
    job: day,
    settings: settings(c.settings),
    aim: aimAt(slot, person, agreedLook(person, day)),
  }
}
export const states = (zone: Zone, ...list: ZoneState[]): Partial<FaceFacts> => ({
  zones: { [zone]: { states: list } },
})

export const by = (n: number): Effect => ({ is: 'weight', by: n })
export const HARM: Effect = { is: 'veto', of: 'harm' }
export const TASTE: Effect = { is: 'veto', of: 'taste' }
export const NOTE: Effect = { is: 'note' }
