import type { ClassConstructor } from 'class-transformer'
import { defineEventHandler, getRouterParam, type EventHandler, type H3Event } from 'h3'
import { check } from '#shared/validate'
import { compute } from '../services/pool'
import type { Answers, Requests, Task } from '../workers/compute'
import { BadInput } from './problems'
import { readJson } from './readJson'

/** A route that takes a checked body. Every failure is told by server/errors.ts. */
export function withBody<T extends object, R>(
  dto: ClassConstructor<T>,
  act: (body: T, event: H3Event) => Promise<R>,
): EventHandler {
  return defineEventHandler(async event => {
    const checked = check(dto, await readJson(event))
    if (!checked.ok) throw new BadInput(checked.issues)
    return act(checked.value, event)
  })
}

/** A route that computes: checked body in, answer out, given up when the caller hangs up. */
export function withComputing<T extends object, R>(
  dto: ClassConstructor<T>,
  act: (body: T, event: H3Event, signal: AbortSignal) => Promise<R>,
): EventHandler {
  return withBody(dto, async (body, event): Promise<R | undefined> => {
    const gone = new AbortController()
    event.node.res.on('close', () => {
      if (!event.node.res.writableEnded) gone.abort()
    })
    try {
      return await act(body, event, gone.signal)
    } catch (problem) {
      // The worker was ended because nobody waits any more: there is no one to tell.
      if (gone.signal.aborted) return undefined
      throw problem
    }
  })
}

/** A route of the compute API. */
export const computeRoute = <T extends Exclude<Task, 'plan'>>(
  task: T,
  dto: ClassConstructor<Requests[T]>,
): EventHandler => withComputing(dto, (request, _event, signal): Promise<Answers[T]> => compute(task, request, signal))

export const idOf = (event: H3Event): string => getRouterParam(event, 'id') ?? ''
