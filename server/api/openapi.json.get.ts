import { openApi } from '../services/data/openApi'

// It says the same as long as the process runs, and takes a tenth of a second to put together.
let document: string | undefined

export default defineEventHandler(event => {
  setResponseHeader(event, 'content-type', 'application/json; charset=utf-8')
  return (document ??= JSON.stringify(openApi()))
})
