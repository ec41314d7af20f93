import { togetherOn } from '../../../services/jobTogether'
import { computing, idOf } from '../../../utils/handlers'

export default computing((event, asking) => togetherOn(idOf(event), asking))
