import { LeaveInput } from '#shared/records/days/bags'
import { leaveAtHome } from '../../../services/days/packing'
import { idOf, withBody } from '../../../utils/handlers'

export default withBody(LeaveInput, ({ ids }, event) => leaveAtHome(idOf(event), ids))
