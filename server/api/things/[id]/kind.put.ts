import { KindInput } from '#shared/records/kit/things'
import { changeKind } from '../../../services/kit/kinds'
import { idOf, withBody } from '../../../utils/handlers'

export default withBody(KindInput, (input, event) => changeKind(idOf(event), input))
