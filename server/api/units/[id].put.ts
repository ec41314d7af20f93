import { UnitInput } from '#shared/records/kit/kit'
import { changeUnit } from '../../services/kit/units'
import { idOf, withBody } from '../../utils/handlers'

export default withBody(UnitInput, (input, event) => changeUnit(idOf(event), input))
