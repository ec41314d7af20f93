import { PlaceInput } from '#shared/records/kit/things'
import { addPlace } from '../../services/kit/places'
import { withBody } from '../../utils/handlers'

export default withBody(PlaceInput, addPlace)
