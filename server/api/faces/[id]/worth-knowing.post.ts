import { PlanInput } from '#shared/records/people/plans'
import { idOf, withComputing } from '../../../utils/handlers'
import { worthKnowingFor } from '../../../services/plans/plans'

export default withComputing(PlanInput, (input, event, asking) => worthKnowingFor(idOf(event), input, asking))
