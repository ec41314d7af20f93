import { planById } from '../../services/plans/plans'
import { idOf } from '../../utils/handlers'

export default defineEventHandler(event => planById(idOf(event)))
