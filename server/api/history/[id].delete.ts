import { removeHistory } from '../../services/people/faces'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => removeHistory(idOf(event)))
