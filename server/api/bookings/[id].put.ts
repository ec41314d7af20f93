import { BookingInput } from '#shared/records/days/jobs'
import { changeBooking } from '../../services/jobs/jobs'
import { idOf, withBody } from '../../utils/handlers'

export default withBody(BookingInput, (input, event) => changeBooking(idOf(event), input))
