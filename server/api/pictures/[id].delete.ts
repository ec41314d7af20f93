import { deleteFromFace } from '../../services/people/faces'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => deleteFromFace('pictures', idOf(event), 'picture'))
