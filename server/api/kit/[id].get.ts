import { productById } from '../../services/kit'
import { idOf } from '../../utils/handlers'

export default defineEventHandler(event => productById(idOf(event)))
