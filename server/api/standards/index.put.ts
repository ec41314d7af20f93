import { StandardInput } from '#shared/records/kit/standards'
import { keepStandard } from '../../services/plans/standards'
import { withBody } from '../../utils/handlers'

export default withBody(StandardInput, keepStandard)
