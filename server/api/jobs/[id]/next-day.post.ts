import { nextDay } from '../../../services/jobs/jobs'
import { acts, idOf } from '../../../utils/handlers'

export default acts(event => nextDay(idOf(event)))
