import { StandardInput } from '#shared/records/standards'
import { keepStandard } from '../../services/standards'
import { withBody } from '../../utils/handlers'

export default withBody(StandardInput, keepStandard)
