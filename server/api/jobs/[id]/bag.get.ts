import { bagOf } from '../../../services/days/bags'
import { computing, idOf } from '../../../utils/handlers'

export default computing((event, asking) => bagOf(idOf(event), asking))
