import { evidence } from '../services/clientele'

export default defineEventHandler(() => evidence())
