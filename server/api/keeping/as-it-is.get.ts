import { filesAsTheyAre } from '../../keeping/keeping'
import { sendFile } from '../../utils/sendFile'

export default defineEventHandler(async event =>
  sendFile(event, await filesAsTheyAre(), 'varietas-as-it-is.zip', 'application/zip'),
)
