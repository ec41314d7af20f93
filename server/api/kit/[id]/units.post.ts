import { UnitInput } from '#shared/records/kit'
import { addUnit } from '../../../services/units'
import { idOf, withBody } from '../../../utils/handlers'

export default withBody(UnitInput, (input, event) => addUnit(idOf(event), input))
