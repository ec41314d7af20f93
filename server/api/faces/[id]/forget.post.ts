import { ForgetInput } from '#shared/records/people/forgetting'
import { forgetFace } from '../../../services/people/forget'
import { idOf, withBody } from '../../../utils/handlers'
import { MOST_BYTES } from '../../../utils/readJson'

export default withBody(ForgetInput, (input, event) => forgetFace(idOf(event), input), MOST_BYTES)
