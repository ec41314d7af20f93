import { idOf } from '../../utils/handlers'
import { removeHistory } from '../../services/faces'

export default defineEventHandler(event => removeHistory(idOf(event)))
