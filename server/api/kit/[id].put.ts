import { OwnedProductInput } from '#shared/records/kit/kit'
import { idOf, withBody } from '../../utils/handlers'
import { changeProduct } from '../../services/kit/kit'

export default withBody(OwnedProductInput, (input, event) => changeProduct(idOf(event), input))
