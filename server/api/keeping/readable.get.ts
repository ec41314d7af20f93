import { readableData } from '../../keeping/keeping'
import { sendFile } from '../../utils/sendFile'

export default defineEventHandler(async event =>
  sendFile(event, await readableData(), 'varietas-readable.json', 'application/json'),
)
