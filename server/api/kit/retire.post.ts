import { RetireInput } from '#shared/records/kit/kit'
import { withBody } from '../../utils/handlers'
import { retire } from '../../services/kit/units'

export default withBody(RetireInput, retire)
