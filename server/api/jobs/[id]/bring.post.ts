import { bringAll } from '../../../services/packing'
import { actsComputing, idOf } from '../../../utils/handlers'

export default actsComputing((event, asking) => bringAll(idOf(event), asking))
