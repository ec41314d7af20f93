import { DeclaredInput } from '#shared/records/kit/kit'
import { heldInKit } from '../../services/kit/withoutIt'
import { withBody } from '../../utils/handlers'

export default withBody(DeclaredInput, ({ declared }) => heldInKit(declared))
