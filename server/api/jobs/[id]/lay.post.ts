import { layInOrder } from '../../../services/days/packing'
import { actsComputing, idOf } from '../../../utils/handlers'

export default actsComputing((event, asking) => layInOrder(idOf(event), asking))
