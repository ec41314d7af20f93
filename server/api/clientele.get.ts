import { clientele } from '../services/people/clientele'

export default defineEventHandler(() => clientele())
