import { wrapOf } from '../../../services/days/wraps'
import { computing, idOf } from '../../../utils/handlers'

export default computing((event, asking) => wrapOf(idOf(event), asking))
