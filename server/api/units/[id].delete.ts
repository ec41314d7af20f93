import { removeUnit } from '../../services/units'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => removeUnit(idOf(event)))
