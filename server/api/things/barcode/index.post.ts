import { UnderBarcodeInput } from '#shared/records/kit/things'
import { takeUnder } from '../../../services/buying/barcodes'
import { withBody } from '../../../utils/handlers'

export default withBody(UnderBarcodeInput, takeUnder)
