import { shelf } from '../../services/kit/kitList'

export default defineEventHandler(() => shelf())
