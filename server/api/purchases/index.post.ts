import { PurchaseInput } from '#shared/records/buys'
import { withBody } from '../../utils/handlers'
import { accept } from '../../services/buying/buys'

export default withBody(PurchaseInput, accept)
