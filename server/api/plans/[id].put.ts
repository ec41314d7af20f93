import { PlanNotesInput } from '#shared/records/plans'
import { idOf, withBody } from '../../utils/handlers'
import { changePlanNotes } from '../../services/plans/plans'

export default withBody(PlanNotesInput, (input, event) => changePlanNotes(idOf(event), input))
