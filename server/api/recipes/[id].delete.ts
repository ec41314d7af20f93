import { idOf } from '../../utils/handlers'
import { setRecipeDeleted } from '../../services/faces'

export default defineEventHandler(event => setRecipeDeleted(idOf(event), true))
