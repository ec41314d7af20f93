import { idOf, sortOf } from '../../../../utils/handlers'
import { putBack } from '../../../../services/data/setAside'

export default defineEventHandler(event => putBack(sortOf(event), idOf(event)))
