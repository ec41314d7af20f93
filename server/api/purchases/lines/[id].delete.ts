import { removeLine } from '../../../services/buying/buys'
import { acts, idOf } from '../../../utils/handlers'

export default acts(event => removeLine(idOf(event)))
