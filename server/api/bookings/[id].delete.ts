import { removeBooking } from '../../services/jobs/jobs'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => removeBooking(idOf(event)))
