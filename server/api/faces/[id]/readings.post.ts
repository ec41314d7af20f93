import { ReadingInput } from '#shared/records/people/faces'
import { idOf, withBody } from '../../../utils/handlers'
import { addReading } from '../../../services/people/faces'

export default withBody(ReadingInput, (input, event) => addReading(idOf(event), input))
