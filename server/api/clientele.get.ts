import { clientele } from '../services/clientele'

export default defineEventHandler(() => clientele())
