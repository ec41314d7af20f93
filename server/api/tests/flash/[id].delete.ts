import { removeTest } from '../../../services/plans/plans'
import { acts, idOf } from '../../../utils/handlers'

export default acts(event => removeTest('flashTests', idOf(event)))
