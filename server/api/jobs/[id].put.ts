import { JobInput } from '#shared/records/days/jobs'
import { changeJob } from '../../services/jobs/jobs'
import { idOf, withBody } from '../../utils/handlers'

export default withBody(JobInput, (input, event) => changeJob(idOf(event), input))
