import { RecordInput } from '#shared/records/people/faces'
import { changeRecord } from '../../../services/people/faces'
import { idOf, withBody } from '../../../utils/handlers'

export default withBody(RecordInput, (input, event) => changeRecord(idOf(event), input))
