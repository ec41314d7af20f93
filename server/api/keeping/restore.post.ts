import { previewUpload } from '../../keeping/keeping'
import { computing } from '../../utils/handlers'

export default computing((event, { signal }) => previewUpload(event.node.req, signal))
