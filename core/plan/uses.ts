import { statesOf, typesOf, type FaceFacts, type SkinType, type Zone } from '../suitability/face'
import type { JobFacts } from '../suitability/job'
import type { PlanSettings } from './settings'
import { ORDER, slotPlan, type SlotId } from './slots'

/** One place of a plan to be filled for this face: a slot, sometimes for one part of the face only. */
export interface SlotUse {
  /** The slot's id, with the part of the face where it is done twice. */
  key: string
  slot: SlotId
  name: string
  where: string | null
  skinType: SkinType
  /** The second tone's own colour, for its foundation. */
  tone: FaceFacts['secondTone']
}

const dryish = (type: SkinType) => type === 'dry' || type === 'normal'

/** The places to fill, in the order of the method, for this face on this job. */
export function usesFor(face: FaceFacts, job: JobFacts, settings: PlanSettings): SlotUse[] {
  const { centre, cheeks } = typesOf(face)
  const use = (slot: SlotId, more: Partial<SlotUse> = {}): SlotUse => ({
    key: slot,
    slot,
    name: slotPlan(slot).name,
    where: null,
    skinType: face.skinType,
    tone: null,
    ...more,
  })
  return ORDER[settings.order]
    .filter(slot => wanted(slot, face, job) && !(slot === 'powder' && settings.powder === 'blot only'))
    .flatMap(slot => {
      if (slot === 'moisturise' && centre === 'oily' && dryish(cheeks)) {
        return [
          use(slot, { where: 'forehead, nose, chin', skinType: centre }),
          use(slot, { key: 'moisturise: cheeks', where: 'cheeks', skinType: cheeks }),
        ]
      }
      if (slot === 'powder' && settings.powder !== 'all over' && centre === 'oily' && dryish(cheeks)) {
        return [use(slot, { where: 'forehead, nose, chin' })]
      }
      if (slot === 'foundation' && face.secondTone) {
        return [
          use(slot),
          use(slot, { key: `foundation: ${face.secondTone.zone}`, where: face.secondTone.zone, tone: face.secondTone }),
        ]
      }
      return [use(slot)]
    })
}

function wanted(slot: SlotId, face: FaceFacts, job: JobFacts): boolean {
  switch (slot) {
    case 'sun protection':
      return job.outdoors
    case 'body':
      return job.limbs > 0
    case 'mascara':
      return !face.lashExtensions
    case 'lashes':
      return face.wantsLashes !== 'none'
    default:
      return true
  }
}

/** Which concern the corrector of a plan is for. */
export function concernOf(face: FaceFacts): { concern: 'dark circles' | 'redness' | 'brown marks'; zone: Zone } | null {
  if (face.zones['eye area']?.states.includes('dark circles')) return { concern: 'dark circles', zone: 'eye area' }
  const red = (['cheeks', 'nose', 'chin', 'forehead'] as const).find(z => face.zones[z]?.states.includes('redness'))
  if (red) return { concern: 'redness', zone: red }
  return statesOf(face).has('uneven') ? { concern: 'brown marks', zone: 'cheeks' } : null
}
