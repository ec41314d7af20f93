import { underBarcode } from '../../../services/buying/barcodes'
import { idOf } from '../../../utils/handlers'

export default defineEventHandler(event => underBarcode(idOf(event)))
