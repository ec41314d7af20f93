import { RetireInput } from '#shared/records/kit'
import { withBody } from '../../utils/handlers'
import { retire } from '../../services/units'

export default withBody(RetireInput, retire)
