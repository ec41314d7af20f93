import { idOf } from '../../../utils/handlers'
import { restoreFace } from '../../../services/faces'

export default defineEventHandler(event => restoreFace(idOf(event)))
