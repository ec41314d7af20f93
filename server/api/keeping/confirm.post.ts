import { RestoreInput } from '#shared/records/record/keeping'
import { withBody } from '../../utils/handlers'
import { restore } from '../../keeping/keeping'
import { reopen } from '../../start/start'

export default withBody(RestoreInput, ({ id }) => restore(id, reopen))
