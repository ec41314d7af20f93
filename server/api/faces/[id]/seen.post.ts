import { ComplaintInput } from '#shared/records/people/faces'
import { idOf, withBody } from '../../../utils/handlers'
import { addSeen } from '../../../services/people/faces'

export default withBody(ComplaintInput, (input, event) => addSeen(idOf(event), input))
