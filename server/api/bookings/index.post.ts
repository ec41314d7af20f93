import { NewBookingInput } from '#shared/records/days/jobs'
import { addBooking } from '../../services/jobs/jobs'
import { withBody } from '../../utils/handlers'

export default withBody(NewBookingInput, addBooking)
