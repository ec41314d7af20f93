import { buyLacking } from '../../../services/days/packing'
import { actsComputing, idOf } from '../../../utils/handlers'

export default actsComputing((event, asking) => buyLacking(idOf(event), asking))
