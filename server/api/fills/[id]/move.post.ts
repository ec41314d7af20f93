import { MovePanInput } from '#shared/records/kit/kit'
import { movePan } from '../../../services/kit/handling'
import { idOf, withBody } from '../../../utils/handlers'

export default withBody(MovePanInput, (input, event) => movePan(idOf(event), input))
