import { idOf } from '../../../utils/handlers'
import { setPictureDeleted } from '../../../services/pictures'

export default defineEventHandler(event => setPictureDeleted(idOf(event), false))
