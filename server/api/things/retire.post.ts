import { RetireUnitsInput } from '#shared/records/kit/things'
import { retireUnits } from '../../services/kit/units'
import { withBody } from '../../utils/handlers'
import { MOST_BYTES } from '../../utils/readJson'

export default withBody(RetireUnitsInput, retireUnits, MOST_BYTES)
