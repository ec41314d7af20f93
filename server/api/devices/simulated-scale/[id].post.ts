import { WeighInput } from '#shared/records/kit/kit'
import { weigh } from '../../../services/kit/blends'
import { idOf, withBody } from '../../../utils/handlers'

export default withBody(WeighInput, (input, event) => weigh(idOf(event), input))
