import { PurchaseInput } from '#shared/records/buys'
import { withBody } from '../../utils/handlers'
import { accept } from '../../services/buys'

export default withBody(PurchaseInput, accept)
