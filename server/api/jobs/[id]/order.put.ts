import { OrderInput } from '#shared/records/days/jobs'
import { orderBookings } from '../../../services/jobs/jobs'
import { idOf, withBody } from '../../../utils/handlers'

export default withBody(OrderInput, (input, event) => orderBookings(idOf(event), input))
