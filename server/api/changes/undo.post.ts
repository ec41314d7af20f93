import { undo } from '../../services/record/changes'
import { acts } from '../../utils/handlers'

export default acts(() => undo())
