import { SavePlanInput } from '#shared/records/people/plans'
import { idOf, withComputing } from '../../../utils/handlers'
import { savePlan } from '../../../services/plans/plans'

export default withComputing(SavePlanInput, (input, event, asking) => savePlan(idOf(event), input, asking))
