import { removePlace } from '../../services/kit/places'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => removePlace(idOf(event)))
