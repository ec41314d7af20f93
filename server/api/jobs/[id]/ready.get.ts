import { readyFor } from '../../../services/days/ready'
import { computing, idOf } from '../../../utils/handlers'

export default computing((event, asking) => readyFor(idOf(event), asking))
