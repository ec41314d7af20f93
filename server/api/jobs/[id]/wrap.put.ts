import { WrapFacts } from '#shared/records/days/wraps'
import { changeWrap } from '../../../services/days/wraps'
import { idOf, withBody } from '../../../utils/handlers'

export default withBody(WrapFacts, (input, event) => changeWrap(idOf(event), input))
