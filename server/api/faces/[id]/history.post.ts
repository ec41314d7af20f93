import { HistoryInput } from '#shared/records/people/faces'
import { idOf, withBody } from '../../../utils/handlers'
import { addHistory } from '../../../services/people/faces'

export default withBody(HistoryInput, (input, event) => addHistory(idOf(event), input))
