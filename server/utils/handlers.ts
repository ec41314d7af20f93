import {
  defineEventHandler,
  getQuery,
  getRouterParam,
  setResponseHeader,
  setResponseHeaders,
  type EventHandler,
  type EventHandlerRequest,
  type H3Event,
} from 'h3'
import type { ComputeTask } from '#shared/compute/endpoints'
import { parseId } from '#shared/checks/parse'
import type { Dto } from '#shared/checks/shape'
import { check, checkInTurns } from '#shared/checks/validate'
import { computeBytes, type Asking } from '../compute/pool'
import { GivenUp } from '../compute/queue'
import { giveTurn } from '../db/turns'
import { LeftAlone } from '../keeping/leftAlone'
import { told } from '../services/record/changes'
import { asker, type Asker } from '../services/record/command'
import { isSort, type SortName } from '../services/record/validRows'
import { digestOf, keyOf, once } from '../services/record/once'
import { BadInput, Missing } from '../base/problems'
import { MOST_BYTES, readBytes, readJson } from './readJson'

/** A route that is asked for something in its address: figures are read as such, and the rest is checked as a body is. */
export const withQuery = <T extends object, R>(
  dto: Dto<T>,
  answer: (query: T, event: H3Event) => Promise<R>,
): Answered<R> =>
  defineEventHandler(async event => {
    const asked = Object.fromEntries(
      Object.entries(getQuery(event)).map(([k, v]) => [
        k,
        typeof v === 'string' && NUMBERS.includes(k) ? Number(v) : v,
      ]),
    )
    const checked = check(dto, asked)
    if (!checked.ok) throw new BadInput(checked.issues)
    return answer(checked.value, event)
  })
const NUMBERS = ['limit', 'before', 'year']

/** What a route answers. */
type Answered<R> = EventHandler<EventHandlerRequest, Promise<R>>

const DEVICE = 'x-varietas-device'
const CHANGE = 'x-varietas-change'
const UNNAMED = 'another program'

/**
 * Runs a route as one act of the device that asks, once. The change it wrote goes into a header, so that it can be undone.
 * @param body the checked body; null where the route takes none
 */
async function asAct<R>(event: H3Event, body: unknown, act: () => Promise<R>): Promise<R> {
  const key = keyOf(event.headers)
  const asked = digestOf(`${event.method} ${event.path}`, body)
  const does = async () => {
    const request = key === undefined ? {} : { request: { key, asked } }
    const by: Asker = { device: parseId(event.headers.get(DEVICE)) ?? UNNAMED, done: [], ...request }
    const answer = await asker.run(by, act)
    const last = by.done.at(-1)
    return { answer, change: last ? `${last.id};${encodeURIComponent(await told(last.words))}` : null }
  }
  const { answer, change } = await once(key, asked, does, done => done.change !== null)
  if (change !== null) setResponseHeader(event, CHANGE, change)
  return answer
}

/** A route without a body that writes something. */
export const acts = <R>(act: (event: H3Event) => Promise<R>): Answered<R> =>
  defineEventHandler(event => asAct(event, null, () => act(event)))

/**
 * A route that takes a checked body. server/utils/errors.ts answers every failure.
 * @param most bytes, where it is a whole list
 */
export const withBody = <T extends object, R>(
  dto: Dto<T>,
  act: (body: T, event: H3Event) => Promise<R>,
  most?: number,
): Answered<R> =>
  defineEventHandler(async event => {
    const checked = await checkInTurns(dto, await readJson(event, most), giveTurn)
    if (!checked.ok) throw new BadInput(checked.issues)
    return asAct(event, checked.value, () => act(checked.value, event))
  })

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
    if (problem instanceof GivenUp || problem instanceof LeftAlone) return undefined
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
): Answered<R> => withBody(dto, async (body, event) => (await asking(event, by => act(body, event, by))) as R)

/** A route without a body that computes first and then writes something. */
export const actsComputing = <R>(act: (event: H3Event, asking: Asking) => Promise<R>): Answered<R> =>
  defineEventHandler(event => asAct(event, null, async () => (await asking(event, by => act(event, by))) as R))

/** A route that computes from what its address names. */
export const computing = <R>(act: (event: H3Event, asking: Asking) => Promise<R>): Answered<R> =>
  defineEventHandler(async event => (await asking(event, by => act(event, by))) as R)

/** A route that answers with a PDF. */
export const paper = (name: string, draw: (event: H3Event, asking: Asking) => Promise<Uint8Array>): EventHandler =>
  defineEventHandler(async event => {
    const bytes = await asking(event, by => draw(event, by))
    if (!bytes) return undefined
    setResponseHeaders(event, {
      'content-type': 'application/pdf',
      'content-disposition': `attachment; filename="${name}"`,
    })
    return Buffer.from(bytes)
  })

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

/** The number in the address. @throws Missing for what is none */
export function numberOf(event: H3Event): number {
  const text = getRouterParam(event, 'id') ?? ''
  if (!/^\d{1,15}$/.test(text)) throw new Missing('What this address names')
  return Number(text)
}

/** The id in the address. @throws Missing for what cannot be one */
export function idOf(event: H3Event): string {
  const id = parseId(getRouterParam(event, 'id', { decode: true }))
  if (id === undefined) throw new Missing('What this address names')
  return id
}
