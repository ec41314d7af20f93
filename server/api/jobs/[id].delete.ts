import { removeJob } from '../../services/jobs/jobs'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => removeJob(idOf(event)))
