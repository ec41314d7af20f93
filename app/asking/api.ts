import { $fetch, FetchError } from 'ofetch'
import { ref } from 'vue'
import type { InternalApi } from 'nitropack/types'
import { KEPT_HEADER } from '#shared/asked/along'
import type { RefusalBody, StoredNow } from '#shared/checks/refusal'
import type { Issue } from '#shared/checks/validate'

/*
 * The one way to the server. What a route takes and answers is read off the route itself: nobody writes the type of an answer a
 * second time.
 */

/** Why a request was refused, in words for the artist, with the fields it concerns. */
export class ApiProblem extends Error {
  constructor(
    message: string,
    readonly issues: Issue[] = [],
    /** The record as it is now, where it was changed elsewhere meanwhile. */
    readonly today: StoredNow | null = null,
    /** How the server answered; null where it did not, or was not asked. */
    readonly status: number | null = null,
  ) {
    super(message)
  }
}

/** A computation was given up: by the artist, or because a newer one took its place. */
export class Stopped extends Error {
  constructor() {
    super('stopped')
  }
}

/** What came of a question or an act: its answer; or why it was refused, null where it was stopped. */
export type Outcome<T> = { ok: true; value: T } | { ok: false; refused: ApiProblem | null }

/**
 * Waits for work that may be refused or stopped. This is the one place that catches a refusal; a fault of the program is thrown on.
 * @param work what is done; given as a function where it may refuse before it waits
 */
export async function outcomeOf<T>(work: Promise<T> | (() => Promise<T>)): Promise<Outcome<T>> {
  try {
    return { ok: true, value: await (typeof work === 'function' ? work() : work) }
  } catch (problem) {
    if (problem instanceof Stopped) return { ok: false, refused: null }
    if (problem instanceof ApiProblem) return { ok: false, refused: problem }
    throw problem
  }
}

/** What a worker threw, as a refusal in its own words; what is a refusal already, or was stopped, stays as it is. */
export const refusalOf = (problem: unknown, otherwise: string): Error =>
  problem instanceof Stopped || problem instanceof ApiProblem
    ? problem
    : new ApiProblem(problem instanceof Error ? problem.message : otherwise)

declare const attempted: unique symbol
/** Whether an act was done. A refusal has been shown already and is not thrown again. */
export type Attempted = boolean & { readonly [attempted]: true }
/**
 * Closes the parameters of a function that waits for work in order to see its refusal. An attempt has swallowed the refusal: then it cannot be called
 * with it, since there is no value for this parameter.
 */
export type NotSwallowed<R> = [R] extends [never] ? [] : [R] extends [Attempted] ? [never] : []

type Routes = Omit<InternalApi, '/api/**'>
export type Route = keyof Routes & `/api/${string}`
type Method<R extends Route> = keyof Routes[R] & ('get' | 'post' | 'put' | 'delete')
export type Answer<R extends Route, M extends Method<R>> = Routes[R][M]

type Names<R extends string> = R extends `${string}:${infer Name}/${infer Rest}`
  ? Name | Names<Rest>
  : R extends `${string}:${infer Name}`
    ? Name
    : never
type In<R extends string> = { [name in Names<R>]: string } & Record<string, string | number | undefined>

/** Something that was written, as the server tells it. */
export interface Done {
  id: number
  words: string
}
/** Grows with every act the server has done: whatever shows data asks again. */
export const acts = ref(0)
let tell: (done: Done) => void = () => undefined
/** Whoever is to hear of everything that was written. */
export const onDone = (listener: (done: Done) => void): void => {
  tell = listener
}

/** How the server answered: itself, not at all, or what was kept of it stood in. */
type Answered = 'live' | 'not' | { keptAt: string }
let answered: (how: Answered) => void = () => undefined
/** Whoever is to hear whether the server is there. */
export const onAnswered = (listener: (how: Answered) => void): void => {
  answered = listener
}

/** Names this device in the history of changes, and nobody. */
function device(): string {
  const KEPT_AT = 'varietas.device'
  try {
    const known = localStorage.getItem(KEPT_AT)
    if (known) return known
    const fresh = `device-${crypto.randomUUID().slice(0, 8)}`
    localStorage.setItem(KEPT_AT, fresh)
    return fresh
  } catch {
    return 'device'
  }
}

/**
 * Keys of writes that had no answer, by method and address. The next write to the same address uses the same key, so that the server can say
 * whether the earlier one was done.
 */
const unanswered = new Map<string, string>()
function keyFor(method: string, path: string): { key: string; settle: (isAnswered: boolean) => void } {
  const about = `${method} ${path}`
  const key = unanswered.get(about) ?? crypto.randomUUID()
  return {
    key,
    settle(isAnswered) {
      if (isAnswered) unanswered.delete(about)
      else unanswered.set(about, key)
    },
  }
}

interface Sending {
  body?: object
  /** Without a message at the foot of the page: for a switch that shows its state itself. */
  quiet?: boolean
  /** Sent twice, it does what it does once: ticks that are merged, a question. */
  mayRepeat?: boolean
  /** Ends the request when nobody waits for its answer any more. */
  signal?: AbortSignal
}

/**
 * One call to the server.
 * @param to fills the names in the route; what is no name of it goes into the query
 * @throws ApiProblem for whatever goes wrong; Stopped where its signal ended it
 */
export async function api<R extends Route, M extends Method<R>>(
  method: M,
  route: R,
  to: In<R> = {} as In<R>,
  { body, quiet = false, mayRepeat = false, signal }: Sending = {},
): Promise<Answer<R, M>> {
  const query: Record<string, string | number> = {}
  let path: string = route
  for (const [name, value] of Object.entries(to)) {
    if (value === undefined) continue
    if (path.includes(`:${name}`)) path = path.replace(`:${name}`, encodeURIComponent(value))
    else query[name] = value
  }
  const write = method === 'get' || mayRepeat ? null : keyFor(method, path)
  try {
    const answer = await $fetch.raw(path, {
      method: method.toUpperCase() as 'GET',
      query,
      body,
      signal,
      headers: { 'x-varietas-device': device(), ...(write ? { 'x-varietas-request': write.key } : {}) },
    })
    write?.settle(true)
    const keptAt = answer.headers.get(KEPT_HEADER)
    answered(keptAt ? { keptAt } : 'live')
    const change = /^(\d+);(.*)$/.exec(answer.headers.get('x-varietas-change') ?? '')
    if (change && !quiet) {
      acts.value++
      tell({ id: Number(change[1]), words: decodeURIComponent(change[2]!) })
    }
    return answer._data as Answer<R, M>
  } catch (problem) {
    if (signal?.aborted) throw new Stopped()
    if (!(problem instanceof FetchError)) throw problem
    write?.settle(problem.response !== undefined)
    answered(problem.response ? 'live' : 'not')
    const told = (problem.data as RefusalBody | undefined)?.error
    throw new ApiProblem(
      told?.message ?? 'The server does not answer: check that Varietas is running, then try again.',
      told?.issues ?? [],
      told?.today ?? null,
      problem.response?.status ?? null,
    )
  }
}
