import { planFace, type FacePlan } from '#core/plan/facePlan'
import { questionOf, type PlanRecords } from '#shared/asked/planQuestion'

const known = new Map<string, FacePlan>()

/** Stands in for the pool of workers: plans in this thread, and remembers the answers, as a test of a day asks the same again and again. */
export function computePlan(records: PlanRecords): Promise<FacePlan> {
  const asked = JSON.stringify(records)
  const answer = known.get(asked) ?? planFace(questionOf(records))
  known.set(asked, answer)
  return Promise.resolve(answer)
}
