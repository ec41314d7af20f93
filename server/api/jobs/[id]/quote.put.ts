import { QuoteInput } from '#shared/records/days/quotes'
import { setQuote } from '../../../services/days/quotes'
import { idOf, withBody } from '../../../utils/handlers'

export default withBody(QuoteInput, (input, event) => setQuote(idOf(event), input))
