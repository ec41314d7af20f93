import { morningFor } from '../../../services/mornings'
import { computing, idOf } from '../../../utils/handlers'

export default computing((event, asking) => morningFor(idOf(event), asking))
