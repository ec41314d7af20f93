import { removeJob } from '../../services/jobs'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => removeJob(idOf(event)))
