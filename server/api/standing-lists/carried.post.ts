import { coreFromCarried } from '../../services/kit/standingLists'
import { acts } from '../../utils/handlers'

export default acts(() => coreFromCarried())
