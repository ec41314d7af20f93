import { idOf } from '../../../utils/handlers'
import { forgetFace } from '../../../services/forget'

export default defineEventHandler(event => forgetFace(idOf(event)))
