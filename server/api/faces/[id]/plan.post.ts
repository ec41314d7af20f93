import { PlanInput } from '#shared/records/people/plans'
import { idOf, withComputing } from '../../../utils/handlers'
import { planFor } from '../../../services/plans/plans'

export default withComputing(PlanInput, (input, event, asking) => planFor(idOf(event), input, asking))
