import { undo } from '../../../services/record/changes'
import { acts, numberOf } from '../../../utils/handlers'

export default acts(async event => undo(numberOf(event)))
