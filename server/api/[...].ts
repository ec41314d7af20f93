import { Problem } from '../base/problems'

/** Addresses under /api that are none: a JSON answer, not the application's page. */
export default defineEventHandler(() => {
  throw new Problem(
    404,
    'not-found',
    'There is nothing at this address, or not with this method: see /api/openapi.json.',
  )
})
