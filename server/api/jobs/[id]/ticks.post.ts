import { TicksInput } from '#shared/records/days/ticks'
import { mergeTicks } from '../../../services/jobs/ticks'
import { idOf, withBody } from '../../../utils/handlers'

export default withBody(TicksInput, (input, event) => mergeTicks(idOf(event), input))
