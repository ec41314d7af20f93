import { getCurrentScope, onScopeDispose, readonly, ref } from 'vue'
import { proxy, wrap, type Remote } from 'comlink'
import type { ComplexionProduct } from '#core/complexion/bottles/product'
import type { Work as Complexion } from '~/workers/complexion.worker'
import pLimit from 'p-limit'
import { refusalOf, Stopped } from './api'

/*
 * Workers compute what would hold the page. A worker never looks up from its work, so that stopping it means ending it: the next question
 * starts another.
 */

interface Computing<Work> {
  worker: Worker
  // Held as long as the worker: a proxy that is collected tells its worker to close the port.
  remote: Remote<Work>
}
/** How a worker is made; one that was made ready beforehand comes first. */
type Make<Work> = () => Computing<Work>
const started = <Work>(worker: Worker): Computing<Work> => ({ worker, remote: wrap<Work>(worker) })

let ready: Computing<Complexion> | undefined
const complexion: Make<Complexion> = () => {
  const made =
    ready ?? started(new Worker(new URL('../workers/complexion.worker.ts', import.meta.url), { type: 'module' }))
  ready = undefined
  return made
}
/** Starts a worker before anybody asks for one, and tells it which kit it will be asked about. */
export function readyWorker(products: ComplexionProduct[]): void {
  ready = complexion()
  void ready.remote.prepare(products)
}

// A worker that ends without a word: too little memory.
const BROKE_OFF = 'This could not be computed.'

/** One question at a time to a worker that nobody else asks: with progress, stop and latest-wins. */
function useWorkerMade<Work>(make: Make<Work>) {
  const progress = ref<number | null>(null)
  const busy = ref(false)
  let computing: Computing<Work> | undefined
  let giveUp: (() => void) | undefined

  function stop(): void {
    computing?.worker.terminate()
    computing = undefined
    progress.value = null
    busy.value = false
    giveUp?.()
    giveUp = undefined
  }

  /**
   * @param signal ends the computing when the answer is not waited for any more
   * @throws Stopped; ApiProblem where the worker broke off
   */
  async function run<T>(
    call: (work: Remote<Work>, report: (done: number) => void) => Promise<T>,
    signal?: AbortSignal,
  ): Promise<T> {
    if (giveUp) stop()
    if (signal?.aborted) throw new Stopped()
    computing ??= make()
    progress.value = 0
    busy.value = true
    const stopped = new Promise<never>((_, reject) => {
      giveUp = () => reject(new Stopped())
    })
    const mine = giveUp
    const isMine = () => giveUp === mine
    const end = () => {
      if (isMine()) stop()
    }
    signal?.addEventListener('abort', end)
    const report = (done: number) => {
      if (isMine()) progress.value = done
    }
    try {
      return await Promise.race([call(computing.remote, proxy(report)), stopped])
    } catch (problem) {
      throw refusalOf(problem, BROKE_OFF)
    } finally {
      signal?.removeEventListener('abort', end)
      if (isMine()) {
        giveUp = undefined
        progress.value = null
        busy.value = false
      }
    }
  }

  if (getCurrentScope()) onScopeDispose(stop)
  return { progress: readonly(progress), busy: readonly(busy), run, stop }
}

/** A worker of one's own for a kind of work. */
export const useWorker = <Work>(make: () => Worker) => useWorkerMade<Work>(() => started<Work>(make()))
/** A worker for what is mixed: matching, reach, buying. */
export const useComplexionWorker = () => useWorkerMade(complexion)

/** The same for small questions that are all to be answered: each waits for its turn. */
export function useWorkerTurns() {
  const task = useComplexionWorker()
  const take = pLimit(1)
  let gone = false
  if (getCurrentScope()) {
    onScopeDispose(() => {
      gone = true
    })
  }
  const run = <T>(call: (work: Remote<Complexion>) => Promise<T>): Promise<T> =>
    take(() => (gone ? Promise.reject(new Stopped()) : task.run(call)))
  return { run }
}
