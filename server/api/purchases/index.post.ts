import { PurchaseInput } from '#shared/records/kit/buys'
import { withBody } from '../../utils/handlers'
import { accept } from '../../services/buying/buys'

export default withBody(PurchaseInput, accept)
