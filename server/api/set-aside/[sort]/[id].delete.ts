import { idOf, sortOf } from '../../../utils/handlers'
import { putAway } from '../../../services/data/quarantine'

export default defineEventHandler(event => putAway(sortOf(event), idOf(event)))
