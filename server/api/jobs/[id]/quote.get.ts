import { quoteOf } from '../../../services/days/quotes'
import { computing, idOf } from '../../../utils/handlers'

export default computing((event, asking) => quoteOf(idOf(event), asking))
