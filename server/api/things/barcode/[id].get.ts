import { underBarcode } from '../../../services/barcodes'
import { idOf } from '../../../utils/handlers'

export default defineEventHandler(event => underBarcode(idOf(event)))
