import { takeOut } from '../../../services/packing'
import { actsComputing, idOf } from '../../../utils/handlers'

export default actsComputing((event, asking) => takeOut(idOf(event), asking))
