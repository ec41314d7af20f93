import { ConsultationInput } from '#shared/records/method/consultation'
import { idOf, withBody } from '../../../utils/handlers'
import { changeConsultation } from '../../../services/people/faces'

export default withBody(ConsultationInput, (input, event) => changeConsultation(idOf(event), input))
