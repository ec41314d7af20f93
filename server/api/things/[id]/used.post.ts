import { UsedInput } from '#shared/records/kit/things'
import { usedBefore } from '../../../services/kit/used'
import { idOf, withBody } from '../../../utils/handlers'

export default withBody(UsedInput, (input, event) => usedBefore(idOf(event), input))
