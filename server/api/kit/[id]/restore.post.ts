import { idOf } from '../../../utils/handlers'
import { restoreProduct } from '../../../services/kit'

export default defineEventHandler(event => restoreProduct(idOf(event)))
