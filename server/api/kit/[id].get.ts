import { thingById } from '../../services/kit/kit'
import { idOf } from '../../utils/handlers'

export default defineEventHandler(event => thingById(idOf(event)))
