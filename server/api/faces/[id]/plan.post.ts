import { PlanInput } from '#shared/records/plans'
import { idOf, withComputing } from '../../../utils/handlers'
import { planFor } from '../../../services/plans'

export default withComputing(PlanInput, (input, event, signal) => planFor(idOf(event), input, signal))
