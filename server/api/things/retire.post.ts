import { RetireUnitsInput } from '#shared/records/things'
import { retireUnits } from '../../services/units'
import { withBody } from '../../utils/handlers'

export default withBody(RetireUnitsInput, retireUnits)
