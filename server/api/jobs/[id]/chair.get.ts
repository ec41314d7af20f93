import { jobChair } from '../../../services/days/jobChair'
import { computing, idOf } from '../../../utils/handlers'

export default computing((event, asking) => jobChair(idOf(event), asking))
