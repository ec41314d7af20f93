import { idOf } from '../../../../utils/handlers'
import { unreceive } from '../../../../services/buys'

export default defineEventHandler(event => unreceive(idOf(event)))
