import { NewFaceInput } from '#shared/records/faces'
import { addFace } from '../../services/faces'
import { withBody } from '../../utils/handlers'

export default withBody(NewFaceInput, addFace)
