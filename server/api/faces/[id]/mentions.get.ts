import { mentionsOf } from '../../../services/people/forget'
import { idOf } from '../../../utils/handlers'

export default defineEventHandler(event => mentionsOf(idOf(event)))
