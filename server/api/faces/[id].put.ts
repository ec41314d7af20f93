import { FaceInput } from '#shared/records/faces'
import { idOf, withBody } from '../../utils/handlers'
import { changeFace } from '../../services/people/faces'

export default withBody(FaceInput, (input, event) => changeFace(idOf(event), input))
