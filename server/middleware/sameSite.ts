import { Problem } from '../utils/problems'

const READING = ['GET', 'HEAD', 'OPTIONS']

/**
 * Refuses writes that a page of another site sends through the artist's browser: there is no sign-in that would stop
 * them. Scripts and spreadsheets send no such header and are served.
 */
export default defineEventHandler(event => {
  if (READING.includes(event.method)) return
  if (event.headers.get('sec-fetch-site') === 'cross-site') {
    throw new Problem(403, 'other-site', 'Another site may not change anything here: open Varietas itself.')
  }
})
