import { jobChair } from '../../../services/jobChair'
import { computing, idOf } from '../../../utils/handlers'

export default computing((event, asking) => jobChair(idOf(event), asking))
