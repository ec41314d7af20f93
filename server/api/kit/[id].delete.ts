import { removeProduct } from '../../services/kit'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => removeProduct(idOf(event)))
