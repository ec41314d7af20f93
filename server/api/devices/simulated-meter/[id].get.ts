import { idOf } from '../../../utils/handlers'
import { meterState } from '../../../services/meter'

export default defineEventHandler(event => meterState(idOf(event)))
