import { MeasuredMixInput } from '#shared/records/kit/mixes'
import { withBody } from '../../utils/handlers'
import { addMix } from '../../services/kit/mixes'

export default withBody(MeasuredMixInput, addMix)
