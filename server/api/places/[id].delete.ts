import { removePlace } from '../../services/places'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => removePlace(idOf(event)))
