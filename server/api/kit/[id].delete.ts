import { removeThing } from '../../services/units'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => removeThing(idOf(event)))
