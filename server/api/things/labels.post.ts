import { setResponseHeaders } from 'h3'
import { LabelsInput } from '#shared/records/kit/things'
import { labels } from '../../services/kit/labels'
import { withBody } from '../../utils/handlers'

export default withBody(LabelsInput, async (input, event) => {
  const bytes = await labels(input)
  setResponseHeaders(event, {
    'content-type': 'application/pdf',
    'content-disposition': 'attachment; filename="labels.pdf"',
  })
  return Buffer.from(bytes)
})
