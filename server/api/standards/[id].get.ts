import { standardFile } from '../../services/standards'
import { idOf } from '../../utils/handlers'

export default defineEventHandler(event => standardFile(idOf(event)))
