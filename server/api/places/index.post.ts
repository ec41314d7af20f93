import { PlaceInput } from '#shared/records/things'
import { addPlace } from '../../services/places'
import { withBody } from '../../utils/handlers'

export default withBody(PlaceInput, addPlace)
