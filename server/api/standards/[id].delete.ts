import { dropStandard } from '../../services/plans/standards'
import { acts, idOf } from '../../utils/handlers'

export default acts(event => dropStandard(idOf(event)))
