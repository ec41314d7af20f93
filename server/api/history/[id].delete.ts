import { removeHistory } from '../../services/faces'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => removeHistory(idOf(event)))
