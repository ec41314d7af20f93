import { deleteFromFace } from '../../services/faces'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => deleteFromFace('pictures', idOf(event), 'picture'))
