import { idOf } from '../../../utils/handlers'
import { setReadingDeleted } from '../../../services/faces'

export default defineEventHandler(event => setReadingDeleted(idOf(event), false))
