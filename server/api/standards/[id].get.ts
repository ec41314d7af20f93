import { standardFile } from '../../services/plans/standards'
import { idOf } from '../../utils/handlers'

export default defineEventHandler(event => standardFile(idOf(event)))
