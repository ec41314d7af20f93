import { removeUnit } from '../../services/kit/units'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => removeUnit(idOf(event)))
