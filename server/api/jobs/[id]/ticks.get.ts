import { ticksOf } from '../../../services/ticks'
import { idOf } from '../../../utils/handlers'

export default defineEventHandler(event => ticksOf(idOf(event)))
