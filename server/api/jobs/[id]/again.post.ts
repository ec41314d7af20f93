import { repeatJob } from '../../../services/jobs'
import { acts, idOf } from '../../../utils/handlers'

export default acts(event => repeatJob(idOf(event)))
