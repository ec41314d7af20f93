import { CutsInput } from '#shared/records/days/jobs'
import { cutOn } from '../../../services/jobs/jobs'
import { idOf, withBody } from '../../../utils/handlers'

export default withBody(CutsInput, (input, event) => cutOn(idOf(event), input))
