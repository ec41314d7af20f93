import { PlaceInput } from '#shared/records/things'
import { addPlace } from '../../services/kit/places'
import { withBody } from '../../utils/handlers'

export default withBody(PlaceInput, addPlace)
