import { idOf } from '../../../utils/handlers'
import { removeMix } from '../../../services/mixes'

export default defineEventHandler(event => removeMix(idOf(event)))
