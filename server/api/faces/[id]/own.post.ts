import { OwnedProductInput } from '#shared/records/kit/kit'
import { idOf, withBody } from '../../../utils/handlers'
import { addOwnProduct } from '../../../services/kit/kit'

export default withBody(OwnedProductInput, (input, event) => addOwnProduct(idOf(event), input))
