import { idOf } from '../../../utils/handlers'
import { setPlanDeleted } from '../../../services/plans'

export default defineEventHandler(event => setPlanDeleted(idOf(event), false))
