import { Consultation } from '#shared/records/consultation'
import { idOf, withBody } from '../../../utils/handlers'
import { changeConsultation } from '../../../services/faces'

export default withBody(Consultation, (input, event) => changeConsultation(idOf(event), input))
