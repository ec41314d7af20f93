import { idOf } from '../../utils/handlers'
import { dropSeen } from '../../services/faces'

export default defineEventHandler(event => dropSeen(idOf(event)))
