import { idOf } from '../../../utils/handlers'
import { removePaletteTest } from '../../../services/plans'

export default defineEventHandler(event => removePaletteTest(idOf(event)))
