import { idOf } from '../../utils/handlers'
import { removeProduct } from '../../services/kit'

export default defineEventHandler(event => removeProduct(idOf(event)))
