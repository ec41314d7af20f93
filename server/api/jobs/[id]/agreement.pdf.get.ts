import { paperOf } from '../../../services/days/quotes'
import { idOf, paper } from '../../../utils/handlers'

export default paper('agreement.pdf', (event, asking) =>
  paperOf(idOf(event), 'agreement', asking, event.headers.get('accept-language')),
)
