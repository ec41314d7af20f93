import { questionSheet } from '../services/questionSheet'

export default defineEventHandler(async event => {
  setResponseHeaders(event, {
    'content-type': 'application/pdf',
    'content-disposition': 'attachment; filename="questions.pdf"',
  })
  return Buffer.from(await questionSheet())
})
