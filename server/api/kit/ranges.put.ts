import { RangeInput } from '#shared/records/kit/kit'
import { withBody } from '../../utils/handlers'
import { setRange } from '../../services/kit/kit'

export default withBody(RangeInput, setRange)
