import { RestoreInput } from '#shared/records/keeping'
import { withBody } from '../../utils/handlers'
import { restore } from '../../keeping/keeping'
import { reopen } from '../../keeping/start'

export default withBody(RestoreInput, ({ id }) => restore(id, reopen))
