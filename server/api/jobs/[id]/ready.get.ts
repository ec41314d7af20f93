import { readyFor } from '../../../services/ready'
import { computing, idOf } from '../../../utils/handlers'

export default computing((event, asking) => readyFor(idOf(event), asking))
