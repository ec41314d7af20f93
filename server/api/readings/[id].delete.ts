import { putAway } from '../../services/faces'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => putAway('readings', idOf(event), 'reading'))
