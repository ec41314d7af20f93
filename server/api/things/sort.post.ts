import { sortIntoPouches } from '../../services/board'
import { acts } from '../../utils/handlers'

export default acts(sortIntoPouches)
