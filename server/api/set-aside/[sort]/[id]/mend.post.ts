import { idOf, sortOf } from '../../../../utils/handlers'
import { mend } from '../../../../services/data/quarantine'

export default defineEventHandler(event => mend(sortOf(event), idOf(event)))
