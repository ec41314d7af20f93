import { bringAll } from '../../../services/days/packing'
import { actsComputing, idOf } from '../../../utils/handlers'

export default actsComputing((event, asking) => bringAll(idOf(event), asking))
