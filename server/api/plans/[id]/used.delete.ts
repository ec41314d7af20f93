import { idOf } from '../../../utils/handlers'
import { unusePlan } from '../../../services/plans'

export default defineEventHandler(event => unusePlan(idOf(event)))
