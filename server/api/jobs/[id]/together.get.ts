import { togetherOn } from '../../../services/days/jobTogether'
import { computing, idOf } from '../../../utils/handlers'

export default computing((event, asking) => togetherOn(idOf(event), asking))
