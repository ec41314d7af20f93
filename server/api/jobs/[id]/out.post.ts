import { takeOut } from '../../../services/days/packing'
import { actsComputing, idOf } from '../../../utils/handlers'

export default actsComputing((event, asking) => takeOut(idOf(event), asking))
