import { JobInput } from '#shared/records/jobs'
import { changeJob } from '../../services/jobs/jobs'
import { idOf, withBody } from '../../utils/handlers'

export default withBody(JobInput, (input, event) => changeJob(idOf(event), input))
