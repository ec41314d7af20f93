import { version } from '../../package.json'
import type { HealthAnswer } from '#shared/compute/answers'
import { dataState, troublesNow } from '../keeping/state'

// Answers only once the data have been opened; the header tells the starting process that it is this one.
export default defineEventHandler((event): HealthAnswer => {
  const state = dataState()
  const start = process.env.VARIETAS_START
  if (start) setResponseHeader(event, 'x-varietas-start', start)
  if (!state.usable) setResponseStatus(event, 503)
  const problems = [...(state.usable ? [] : [state.sentence]), ...troublesNow()]
  return { status: !state.usable ? 'unusable' : problems.length > 0 ? 'limited' : 'ok', version, problems }
})
