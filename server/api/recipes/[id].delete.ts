import { deleteFromFace } from '../../services/faces'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => deleteFromFace('recipes', idOf(event), 'recipe'))
