import { paperOf } from '../../../services/days/quotes'
import { idOf, paper } from '../../../utils/handlers'

export default paper('quote.pdf', (event, asking) =>
  paperOf(idOf(event), 'quote', asking, event.headers.get('accept-language')),
)
