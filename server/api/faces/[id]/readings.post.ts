import { ReadingInput } from '#shared/records/faces'
import { idOf, withBody } from '../../../utils/handlers'
import { addReading } from '../../../services/faces'

export default withBody(ReadingInput, (input, event) => addReading(idOf(event), input))
