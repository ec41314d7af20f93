import { previewKept } from '../../../../keeping/keeping'
import { computing } from '../../../../utils/handlers'
import { nameOf } from '../../../../utils/sendFile'

export default computing((event, { signal }) => previewKept(nameOf(event), signal))
