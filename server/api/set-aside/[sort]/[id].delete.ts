import { idOf, sortOf } from '../../../utils/handlers'
import { putAway } from '../../../services/setAside'

export default defineEventHandler(event => putAway(sortOf(event), idOf(event)))
