import { idOf } from '../../../utils/handlers'
import { meterState } from '../../../services/people/meter'

export default defineEventHandler(event => meterState(idOf(event)))
