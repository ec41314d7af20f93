import { quoteOf } from '../../../services/quotes'
import { computing, idOf } from '../../../utils/handlers'

export default computing((event, asking) => quoteOf(idOf(event), asking))
