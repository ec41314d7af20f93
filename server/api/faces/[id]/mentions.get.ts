import { mentionsOf } from '../../../services/forget'
import { idOf } from '../../../utils/handlers'

export default defineEventHandler(event => mentionsOf(idOf(event)))
