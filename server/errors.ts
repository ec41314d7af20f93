import { setResponseHeader, setResponseStatus, send } from 'h3'
import type { NitroErrorHandler } from 'nitropack/types'
import { Problem } from './utils/problems'

const RETRY_SECONDS = 3

/**
 * The one place where failures become answers. What the caller can put right is told in full; anything else is logged
 * here and answered without stack, paths or messages of the inside.
 */
export default (async (error, event) => {
  const problem =
    error.cause instanceof Problem ? error.cause : error instanceof Problem ? (error as Problem) : undefined
  const status = problem?.status ?? (error.statusCode >= 400 && error.statusCode < 500 ? error.statusCode : 500)
  if (status >= 500 && status !== 503) console.error(error)
  const code =
    problem?.code
    ?? (status === 404 ? 'not-found' : status === 405 ? 'wrong-method' : status < 500 ? 'refused' : 'internal')
  const message =
    problem?.message
    ?? (status === 404
      ? 'There is nothing at this address.'
      : status < 500
        ? 'The request could not be understood.'
        : 'Something went wrong here; nothing was changed. Try again.')
  setResponseStatus(event, status)
  setResponseHeader(event, 'content-type', 'application/json; charset=utf-8')
  if (status === 503) setResponseHeader(event, 'retry-after', RETRY_SECONDS)
  await send(event, JSON.stringify({ error: { code, message, issues: problem?.issues ?? [] } }))
}) satisfies NitroErrorHandler
