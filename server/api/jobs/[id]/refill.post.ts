import { refillAll } from '../../../services/days/wraps'
import { actsComputing, idOf } from '../../../utils/handlers'

export default actsComputing((event, asking) => refillAll(idOf(event), asking))
