import { dropSeen } from '../../services/faces'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => dropSeen(idOf(event)))
