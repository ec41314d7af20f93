import { bagOf } from '../../../services/bags'
import { computing, idOf } from '../../../utils/handlers'

export default computing((event, asking) => bagOf(idOf(event), asking))
