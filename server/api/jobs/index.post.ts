import { JobInput } from '#shared/records/days/jobs'
import { addJob } from '../../services/jobs/jobs'
import { withBody } from '../../utils/handlers'

export default withBody(JobInput, addJob)
