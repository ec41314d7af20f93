import { repair } from '../../keeping/keeping'
import { reopen } from '../../keeping/start'

export default defineEventHandler(() => repair(reopen))
