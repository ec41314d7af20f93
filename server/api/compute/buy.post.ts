import { BuyRequest } from '#shared/compute/requests'
import { computeRoute } from '../../utils/handlers'

export default computeRoute('buy', BuyRequest)
