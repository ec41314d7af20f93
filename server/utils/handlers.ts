import { defineEventHandler, getRouterParam, setResponseHeader, type EventHandler, type H3Event } from 'h3'
import type { ComputeTask } from '#shared/compute/endpoints'
import { parseId } from '#shared/parse'
import type { Dto } from '#shared/shape'
import { check } from '#shared/validate'
import { computeBytes, type Asking } from '../compute/pool'
import { GivenUp } from '../compute/queue'
import { isSort, type SortName } from '../services/sound'
import { BadInput, Missing } from './problems'
import { MOST_BYTES, readBytes, readJson } from './readJson'

/** A route that takes a checked body. Every failure is told by server/errors.ts. */
export function withBody<T extends object, R>(dto: Dto<T>, act: (body: T, event: H3Event) => Promise<R>): EventHandler {
  return defineEventHandler(async event => {
    const checked = check(dto, await readJson(event))
    if (!checked.ok) throw new BadInput(checked.issues)
    return act(checked.value, event)
  })
}

/** Does something that computes, given up when the caller hangs up. */
async function asking<R>(event: H3Event, act: (asking: Asking) => Promise<R>): Promise<R | undefined> {
  const gone = new AbortController()
  event.node.res.on('close', () => {
    if (!event.node.res.writableEnded) gone.abort()
  })
  try {
    return await act({ caller: callerOf(event), signal: gone.signal })
  } catch (problem) {
    // Nobody waits any more: there is no one to tell.
    if (problem instanceof GivenUp) return undefined
    throw problem
  }
}

/** Who shares one turn: an address and the program that asks from there. */
const callerOf = (event: H3Event): string =>
  `${event.node.req.socket.remoteAddress ?? ''} ${event.headers.get('user-agent') ?? ''}`.slice(0, 200)

/** A route that computes from records: checked body in, answer out. */
export const withComputing = <T extends object, R>(
  dto: Dto<T>,
  act: (body: T, event: H3Event, asking: Asking) => Promise<R>,
): EventHandler => withBody(dto, (body, event) => asking(event, by => act(body, event, by)))

/** A route of the compute API: the body is checked where the computing is done. */
export const computeRoute = (task: ComputeTask): EventHandler =>
  defineEventHandler(async event => {
    const bytes = await readBytes(event, MOST_BYTES)
    const answer = await asking(event, by => computeBytes(task, bytes, by))
    setResponseHeader(event, 'content-type', 'application/json; charset=utf-8')
    return answer && Buffer.from(answer.buffer, answer.byteOffset, answer.byteLength)
  })

/** The sort of record in the address. @throws Missing for what is none */
export function sortOf(event: H3Event): SortName {
  const sort = getRouterParam(event, 'sort') ?? ''
  if (!isSort(sort)) throw new Missing('What this address names')
  return sort
}

/** The id in the address. @throws Missing for what cannot be one */
export function idOf(event: H3Event): string {
  const id = parseId(getRouterParam(event, 'id', { decode: true }))
  if (id === undefined) throw new Missing('What this address names')
  return id
}
