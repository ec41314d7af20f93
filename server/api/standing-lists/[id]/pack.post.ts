import { packByList } from '../../../services/kit/standingLists'
import { acts, idOf } from '../../../utils/handlers'

export default acts(event => packByList(idOf(event)))
