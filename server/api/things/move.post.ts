import { MoveInput } from '#shared/records/things'
import { move } from '../../services/places'
import { withBody } from '../../utils/handlers'

export default withBody(MoveInput, move)
