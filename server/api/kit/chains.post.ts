import { DeclaredInput } from '#shared/records/kit/kit'
import { chainsOfKit } from '../../services/kit/withoutIt'
import { withBody } from '../../utils/handlers'

export default withBody(DeclaredInput, ({ declared }) => chainsOfKit(declared))
