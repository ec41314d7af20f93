import { repair } from '../../keeping/keeping'
import { reopen } from '../../start/start'

export default defineEventHandler(() => repair(reopen))
