import { removeFace } from '../../services/people/faces'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => removeFace(idOf(event)))
