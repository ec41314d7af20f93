import { BlendInput } from '#shared/records/kit'
import { blend } from '../../services/blends'
import { withBody } from '../../utils/handlers'

export default withBody(BlendInput, blend)
