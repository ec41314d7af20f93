import { filesAsTheyAre } from '../../keeping/keeping'
import { sendFile } from '../../utils/sendFile'

export default defineEventHandler(event =>
  sendFile(event, filesAsTheyAre(), 'varietas-as-it-is.zip', 'application/zip'),
)
