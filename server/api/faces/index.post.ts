import { NewFaceInput } from '#shared/records/people/faces'
import { addFace } from '../../services/people/faces'
import { withBody } from '../../utils/handlers'

export default withBody(NewFaceInput, addFace)
