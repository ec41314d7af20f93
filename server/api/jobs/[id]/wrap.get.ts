import { wrapOf } from '../../../services/wraps'
import { computing, idOf } from '../../../utils/handlers'

export default computing((event, asking) => wrapOf(idOf(event), asking))
