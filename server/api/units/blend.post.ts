import { BlendInput } from '#shared/records/kit/kit'
import { blend } from '../../services/kit/blends'
import { withBody } from '../../utils/handlers'

export default withBody(BlendInput, blend)
