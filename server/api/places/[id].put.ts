import { PlaceInput } from '#shared/records/kit/things'
import { changePlace } from '../../services/kit/places'
import { idOf, withBody } from '../../utils/handlers'

export default withBody(PlaceInput, (input, event) => changePlace(idOf(event), input))
