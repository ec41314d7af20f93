import { previewUpload } from '../../keeping/keeping'

export default defineEventHandler(event => previewUpload(event.node.req))
