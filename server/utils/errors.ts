import { setResponseHeader, setResponseStatus, send } from 'h3'
import type { NitroErrorHandler } from 'nitropack/types'
import type { RefusalBody } from '#shared/checks/refusal'
import { errorDetail, log } from '../base/log'
import { DamagedArchive } from '../keeping/archive'
import { HungUp } from './readJson'
import { Problem } from '../base/problems'
import { Stale } from '../base/stale'

const RETRY_SECONDS = 3

/**
 * The one place where failures become answers. What the caller can put right is described in full; anything else is logged
 * here by its kind and answered without stack, paths or messages of the inside.
 */
export default (async (error, event) => {
  const problem = problemOf(error)
  const status = problem?.status ?? (error.statusCode >= 400 && error.statusCode < 500 ? error.statusCode : 500)
  const isGone = causes(error).some(e => e instanceof HungUp) || event.node.res.destroyed
  // When the caller has left, h3 would write the whole error to the terminal: mark it as handled.
  if (isGone) event._handled = true
  if (status === 500) log('error', 'request failed', { method: event.method, ...errorDetail(error.cause ?? error) })
  if (isGone) return
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
  const today = problem instanceof Stale ? { today: problem.today } : {}
  const body: RefusalBody = { error: { code, message, issues: problem?.issues ?? [], ...today } }
  await send(event, JSON.stringify(body))
}) satisfies NitroErrorHandler

function causes(error: unknown): unknown[] {
  const all: unknown[] = []
  for (let at = error; at !== null && at !== undefined && all.length < 8; at = (at as { cause?: unknown }).cause)
    all.push(at)
  return all
}

/** What the caller or the artist can put right, also where it shows only as the code of the database or the disk. */
function problemOf(error: unknown): Problem | undefined {
  const all = causes(error)
  const known = all.find(e => e instanceof Problem)
  if (known) return known as Problem
  if (all.some(e => e instanceof DamagedArchive))
    return new Problem(400, 'damaged-archive', 'This backup cannot be read. Nothing was changed; choose another.')
  const code = all.map(e => String((e as { code?: unknown }).code ?? '')).join(' ')
  if (/SQLITE_FULL|ENOSPC|EDQUOT/.test(code))
    return new Problem(
      507,
      'no-room',
      'There is no room left on the disk: nothing was changed. Free some room, then try again.',
    )
  if (/SQLITE_READONLY|EROFS/.test(code))
    return new Problem(
      503,
      'read-only',
      'The data cannot be written to: nothing was changed. Look whether the disk allows writing.',
    )
  if (/SQLITE_(?:CORRUPT|NOTADB)/.test(code))
    return new Problem(
      503,
      'damaged',
      'The database is damaged here: nothing was changed. Make no more changes and restore the last backup.',
    )
  if (/SQLITE_(?:IOERR|CANTOPEN)/.test(code))
    return new Problem(
      503,
      'disk',
      'The disk that holds the data does not answer as it should: nothing was changed. Look at the disk, then try again.',
    )
  if (/SQLITE_BUSY/.test(code))
    return new Problem(503, 'busy', 'The data are being written by something else: try again in a few seconds.')
  return undefined
}
