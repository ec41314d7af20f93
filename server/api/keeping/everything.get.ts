import { everything } from '../../keeping/keeping'
import { sendFile } from '../../utils/sendFile'

export default defineEventHandler(async event =>
  sendFile(event, await everything(), 'varietas-everything.json', 'application/json'),
)
