import { JobsInput } from '#shared/records/days/jobs'
import { addJobs } from '../../services/jobs/jobs'
import { withBody } from '../../utils/handlers'

export default withBody(JobsInput, input => addJobs(input))
