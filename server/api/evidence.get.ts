import { evidence } from '../services/people/clientele'

export default defineEventHandler(() => evidence())
