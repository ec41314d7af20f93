import { computed, getCurrentScope, onScopeDispose, ref, shallowRef, watch, type Ref, type ShallowRef } from 'vue'
import { acts, outcomeOf, type ApiProblem } from './api'

/** The state of a question: nothing to ask, on its way, answered, stopped by the artist, or refused. */
export type AskedState = 'idle' | 'working' | 'ready' | 'stopped' | 'failed'

export interface Asked<T> {
  value: ShallowRef<T | null>
  state: Ref<AskedState>
  /** Why it was refused; null otherwise. */
  refused: ShallowRef<ApiProblem | null>
  /** The same in words; empty otherwise. */
  problem: Readonly<Ref<string>>
  again: () => Promise<void>
  /** Fulfilled once the first question is answered or refused: for a page that is not drawn before. */
  first: Promise<void>
  stop: () => void
}

/** A list of parts is the same key where each of its parts is. */
const isSame = (one: unknown, other: unknown): boolean =>
  Object.is(one, other)
  || (Array.isArray(one)
    && Array.isArray(other)
    && one.length === other.length
    && one.every((part, i) => Object.is(part, other[i])))

/**
 * A question that a view shows the answer of: to the server, a worker or what the device keeps. It is asked when its key changes and
 * after every act. Of several answers the one to the last question counts; until it comes, the one before stays, unless `fresh` says not.
 * @param key what the answer depends on, one thing or a list of them; null while there is nothing to ask, and then the answer goes
 * @param ask asks once; the signal ends when the question is stopped or asked anew: give it to the request or to the worker
 * @example
 * const { value: bag, state, problem, again } = useAsked(
 *   () => job.id,
 *   (id, signal) => api('get', '/api/jobs/:id/bag', { id }, { signal }),
 * )
 */
export function useAsked<const K, T>(
  key: () => K | null,
  ask: (key: K, signal: AbortSignal) => Promise<T>,
  { afterActs = true, fresh = false }: { afterActs?: boolean; fresh?: boolean } = {},
): Asked<T> {
  const value: ShallowRef<T | null> = shallowRef(null)
  const state = ref<AskedState>('idle')
  const refused: ShallowRef<ApiProblem | null> = shallowRef(null)
  const problem = computed(() => refused.value?.message ?? '')
  let running: AbortController | undefined
  const parts = computed<K | null>(before => {
    const now = key()
    return isSame(before, now) ? (before as K | null) : now
  })

  /** Ends the question under way, whose answer is not waited for any more. */
  function end(): void {
    running?.abort()
    running = undefined
  }
  async function again(): Promise<void> {
    end()
    const now = parts.value
    refused.value = null
    if (fresh || now === null) value.value = null
    state.value = now === null ? 'idle' : 'working'
    if (now === null) return
    const mine = new AbortController()
    const isLatest = () => running === mine
    running = mine
    const outcome = await outcomeOf(() => ask(now, mine.signal)).catch((fault: unknown) => {
      if (isLatest()) state.value = 'failed'
      throw fault
    })
    if (!isLatest()) return
    running = undefined
    if (outcome.ok) {
      value.value = outcome.value
      state.value = 'ready'
    } else {
      refused.value = outcome.refused
      state.value = outcome.refused ? 'failed' : 'stopped'
    }
  }
  function stop(): void {
    if (!running) return
    end()
    state.value = 'stopped'
  }

  const first = again()
  watch([parts, () => (afterActs ? acts.value : 0)], () => void again())
  if (getCurrentScope()) onScopeDispose(end)
  return { value, state, refused, problem, again, first, stop }
}
