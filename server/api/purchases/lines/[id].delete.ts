import { idOf } from '../../../utils/handlers'
import { setLineDeleted } from '../../../services/buys'

export default defineEventHandler(event => setLineDeleted(idOf(event), true))
