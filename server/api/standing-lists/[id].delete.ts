import { dropStandingList } from '../../services/standingLists'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => dropStandingList(idOf(event)))
