import { PlanInput } from '#shared/records/people/plans'
import { idOf, withComputing } from '../../../utils/handlers'
import { asAskedFor } from '../../../services/plans/plans'

export default withComputing(PlanInput, (input, event, asking) => asAskedFor(idOf(event), input, asking))
