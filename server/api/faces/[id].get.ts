import { faceById } from '../../services/faces'
import { idOf } from '../../utils/handlers'

export default defineEventHandler(event => faceById(idOf(event)))
