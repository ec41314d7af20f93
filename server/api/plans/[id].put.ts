import { PlanNotesInput } from '#shared/records/people/plans'
import { idOf, withBody } from '../../utils/handlers'
import { changePlanNotes } from '../../services/plans/plans'

export default withBody(PlanNotesInput, (input, event) => changePlanNotes(idOf(event), input))
