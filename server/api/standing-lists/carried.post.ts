import { coreFromCarried } from '../../services/standingLists'
import { acts } from '../../utils/handlers'

export default acts(() => coreFromCarried())
