import { receive } from '../../../../services/buying/buys'
import { acts, idOf } from '../../../../utils/handlers'

export default acts(event => receive(idOf(event)))
