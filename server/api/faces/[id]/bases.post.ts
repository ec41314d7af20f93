import { BasesInput } from '#shared/records/people/plans'
import { idOf, withComputing } from '../../../utils/handlers'
import { basesOf } from '../../../services/plans/plans'

export default withComputing(BasesInput, (input, event, asking) => basesOf(idOf(event), input, asking))
