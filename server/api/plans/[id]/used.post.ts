import { usePlan } from '../../../services/plans/plans'
import { acts, idOf } from '../../../utils/handlers'

export default acts(event => usePlan(idOf(event)))
