import { ReviveInput } from '#shared/records/kit/kit'
import { reviveUnit } from '../../../services/kit/handling'
import { idOf, withBody } from '../../../utils/handlers'

export default withBody(ReviveInput, (input, event) => reviveUnit(idOf(event), input))
