import { FaceInput } from '#shared/records/people/faces'
import { idOf, withBody } from '../../utils/handlers'
import { changeFace } from '../../services/people/faces'

export default withBody(FaceInput, (input, event) => changeFace(idOf(event), input))
