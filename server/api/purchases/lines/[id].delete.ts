import { removeLine } from '../../../services/buys'
import { acts, idOf } from '../../../utils/handlers'

export default acts(event => removeLine(idOf(event)))
