import { idOf } from '../../../utils/handlers'
import { removeFlashTest } from '../../../services/plans'

export default defineEventHandler(event => removeFlashTest(idOf(event)))
