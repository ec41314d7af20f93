import { removeFace } from '../../services/faces'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => removeFace(idOf(event)))
