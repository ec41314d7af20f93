import { setResponseHeader } from 'h3'
import { personRecord } from '../../../services/data/personRecord'
import { idOf } from '../../../utils/handlers'

export default defineEventHandler(async event => {
  const record = await personRecord(idOf(event))
  setResponseHeader(event, 'content-disposition', 'attachment; filename="your-record.json"')
  return record
})
