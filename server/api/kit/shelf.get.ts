import { shelf } from '../../services/kitList'

export default defineEventHandler(() => shelf())
