import { planById } from '../../services/plans'
import { idOf } from '../../utils/handlers'

export default defineEventHandler(event => planById(idOf(event)))
