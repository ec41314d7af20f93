import { nextDay } from '../../../services/jobs'
import { acts, idOf } from '../../../utils/handlers'

export default acts(event => nextDay(idOf(event)))
