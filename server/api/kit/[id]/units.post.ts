import { UnitInput } from '#shared/records/kit/kit'
import { addUnit } from '../../../services/kit/units'
import { idOf, withBody } from '../../../utils/handlers'

export default withBody(UnitInput, (input, event) => addUnit(idOf(event), input))
