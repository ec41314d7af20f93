import { BookingForFace } from '#shared/records/days/jobs'
import { addBookingFor } from '../../../services/jobs/jobs'
import { idOf, withBody } from '../../../utils/handlers'

export default withBody(BookingForFace, (input, event) => addBookingFor(idOf(event), input))
