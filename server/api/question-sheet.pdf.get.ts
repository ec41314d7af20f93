import { fontsFolder } from '../base/config'
import { keep } from '../keeping/thread'

// It names nobody and is the same for all; drawing it takes half a second, which nobody else should wait for.
let sheet: Promise<Uint8Array> | undefined

export default defineEventHandler(async event => {
  sheet ??= keep('question sheet', { fonts: fontsFolder() })
  const bytes = await sheet.catch((problem: unknown) => {
    sheet = undefined
    throw problem
  })
  setResponseHeaders(event, {
    'content-type': 'application/pdf',
    'content-disposition': 'attachment; filename="questions.pdf"',
  })
  return Buffer.from(bytes)
})
