import { MishapInput } from '#shared/records/people/plans'
import { mendFor } from '../../../services/plans/plans'
import { idOf, withBody } from '../../../utils/handlers'

export default withBody(MishapInput, (input, event) => mendFor(idOf(event), input))
