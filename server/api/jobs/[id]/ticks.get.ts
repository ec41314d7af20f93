import { ticksOf } from '../../../services/jobs/ticks'
import { idOf } from '../../../utils/handlers'

export default defineEventHandler(event => ticksOf(idOf(event)))
