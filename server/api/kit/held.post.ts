import { DeclaredInput } from '#shared/records/kit'
import { heldInKit } from '../../services/withoutIt'
import { withBody } from '../../utils/handlers'

export default withBody(DeclaredInput, ({ declared }) => heldInKit(declared))
