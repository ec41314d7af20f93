import { morningFor } from '../../../services/days/mornings'
import { computing, idOf } from '../../../utils/handlers'

export default computing((event, asking) => morningFor(idOf(event), asking))
