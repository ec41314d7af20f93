import { idOf, sortOf } from '../../../../utils/handlers'
import { putBack } from '../../../../services/data/quarantine'

export default defineEventHandler(event => putBack(sortOf(event), idOf(event)))
