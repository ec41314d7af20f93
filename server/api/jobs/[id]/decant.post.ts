import { LeaveInput } from '#shared/records/days/bags'
import { decantFor } from '../../../services/days/packing'
import { idOf, withComputing } from '../../../utils/handlers'

export default withComputing(LeaveInput, ({ ids }, event, asking) => decantFor(idOf(event), ids, asking))
