import { WrapInput } from '#shared/records/days/wraps'
import { wrapJob } from '../../../services/days/wraps'
import { idOf, withComputing } from '../../../utils/handlers'

export default withComputing(WrapInput, (input, event, asking) => wrapJob(idOf(event), input, asking))
