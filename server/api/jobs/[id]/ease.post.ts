import { easePouches } from '../../../services/days/packing'
import { actsComputing, idOf } from '../../../utils/handlers'

export default actsComputing((event, asking) => easePouches(idOf(event), asking))
