import { faceById } from '../../services/people/faces'
import { idOf } from '../../utils/handlers'

export default defineEventHandler(event => faceById(idOf(event)))
