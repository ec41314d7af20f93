import { repeatJob } from '../../../services/jobs/jobs'
import { acts, idOf } from '../../../utils/handlers'

export default acts(event => repeatJob(idOf(event)))
