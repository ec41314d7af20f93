import { DecantInput } from '#shared/records/kit/kit'
import { decantUnit } from '../../../services/kit/handling'
import { idOf, withBody } from '../../../utils/handlers'

export default withBody(DecantInput, (input, event) => decantUnit(idOf(event), input))
