import { removeThing } from '../../services/kit/units'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => removeThing(idOf(event)))
