import { dropStandingList } from '../../services/kit/standingLists'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => dropStandingList(idOf(event)))
