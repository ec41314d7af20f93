import { OwnedProductInput } from '#shared/records/kit/kit'
import { withBody } from '../../utils/handlers'
import { addProduct } from '../../services/kit/kit'

export default withBody(OwnedProductInput, addProduct)
