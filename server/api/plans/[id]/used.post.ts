import { idOf } from '../../../utils/handlers'
import { usePlan } from '../../../services/plans'

export default defineEventHandler(event => usePlan(idOf(event)))
