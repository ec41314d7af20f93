import { MoveInput } from '#shared/records/kit/things'
import { move } from '../../services/kit/places'
import { withBody } from '../../utils/handlers'
import { MOST_BYTES } from '../../utils/readJson'

export default withBody(MoveInput, move, MOST_BYTES)
