import { describe, type FacePlan } from './described/describe'
import { sceneOf } from './needs'
import { need, type Need } from './needs/need'
import { placeKey, placeOf } from '../asked/slots'
import type { Locks, PlanQuestion } from './question/question'
import { chosenTogether } from './chain/together'
import { placesIn } from './needs/uses'
import { weighed } from './candidates/weigh'

/**
 * The plan for one face on one job: what goes on in which order, chosen as a whole over all places with the cost of every
 * pair of layers that meet, and why. A place is there for a need; findings choose what fills it.
 * @throws LockRefused when something is locked in that may not touch this face, or is not there
 * @example planFace({ face, job, items, settings, options, overrides: [] }).layers.map(l => l.item.name)
 */
export function planFace(question: PlanQuestion): FacePlan {
  const { face, job, settings, locks } = question
  const scene = sceneOf(face, job, settings)
  const places = placesIn(scene, heldBy(locks))
  const { filled, under } = weighed(places, question)
  return describe(chosenTogether(filled, under, scene, question), question, scene)
}

/** What is held in is there because it is held, whatever else asks for it. */
const heldBy = (locks: Locks = {}): Need[] =>
  Object.entries(locks).flatMap(([key, lock]) => {
    const place = placeOf(key)
    if (!place || 'empty' in lock) return []
    const { slot, part } = place
    return [need('held', 'held', slot, 'you hold it here', part === null ? {} : { key: placeKey(slot, part) })]
  })

export type { PlanQuestion } from './question/question'
export type { FacePlan, Layer } from './described/describe'
export type { PlanSeam } from './described/seams'
export type { Missing } from './described/missing'
