import { dirname, join } from 'node:path'
import { availableParallelism } from 'node:os'
import { Piscina } from 'piscina'
import type { Answers, Outcome, Requests, Task } from '../workers/compute'
import { BadInput, Busy } from '../utils/problems'

const workers =
  process.env.NODE_ENV === 'production'
    ? join(dirname(process.argv[1]!), 'workers')
    : join(process.cwd(), '.nuxt/server-workers')

const MOST_THREADS = Math.max(1, Math.min(4, availableParallelism()))
const MOST_WAITING = 4 * MOST_THREADS

let pool: Piscina | undefined

/** Starts the pool; the health endpoint answers only after this. */
export function startPool(): Piscina {
  pool ??= new Piscina({
    filename: join(workers, 'compute.mjs'),
    minThreads: 1,
    maxThreads: MOST_THREADS,
    maxQueue: MOST_WAITING,
    idleTimeout: 60_000,
  })
  return pool
}

/**
 * Runs one computation in a worker thread.
 * @throws Busy when too many wait already, BadInput when the data describe something impossible
 */
export async function compute<T extends Task>(task: T, request: Requests[T], signal: AbortSignal): Promise<Answers[T]> {
  const running = startPool()
  if (running.queueSize >= MOST_WAITING) throw new Busy()
  // Through JSON: worker threads take plain data, not class instances.
  const plain = JSON.parse(JSON.stringify(request)) as Requests[T]
  const outcome = (await running.run({ task, request: plain }, { signal })) as Outcome<Answers[T]>
  if ('issues' in outcome) throw new BadInput(outcome.issues)
  return outcome.answer
}
