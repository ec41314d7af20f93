import { idOf } from '../../utils/handlers'
import { removeFace } from '../../services/faces'

export default defineEventHandler(event => removeFace(idOf(event)))
