import { undo } from '../../services/changes'
import { acts } from '../../utils/handlers'

export default acts(() => undo())
