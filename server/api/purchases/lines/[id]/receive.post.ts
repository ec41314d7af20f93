import { idOf } from '../../../../utils/handlers'
import { receive } from '../../../../services/buys'

export default defineEventHandler(event => receive(idOf(event)))
