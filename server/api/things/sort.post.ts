import { sortIntoPouches } from '../../services/kit/board'
import { acts } from '../../utils/handlers'

export default acts(sortIntoPouches)
