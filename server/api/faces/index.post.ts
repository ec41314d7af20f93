import { FaceInput } from '#shared/records/faces'
import { withBody } from '../../utils/handlers'
import { addFace } from '../../services/faces'

export default withBody(FaceInput, addFace)
