import { previewKept } from '../../../../keeping/keeping'
import { nameOf } from '../../../../utils/sendFile'

export default defineEventHandler(event => previewKept(nameOf(event)))
