import { dropSeen } from '../../services/people/faces'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => dropSeen(idOf(event)))
