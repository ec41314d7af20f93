import { getCurrentScope, onScopeDispose, readonly, ref } from 'vue'
import { proxy, wrap, type Remote } from 'comlink'
import type { ComplexionProduct } from '#core/complexion/product'
import type { Work } from '~/workers/complexion.worker'
import pLimit from 'p-limit'

/** A computation was given up: by the artist, or because a newer one took its place. */
export class Stopped extends Error {
  constructor() {
    super('stopped')
  }
}

interface Computing {
  worker: Worker
  remote: Remote<Work>
}
function make(): Computing {
  const worker = new Worker(new URL('../workers/complexion.worker.ts', import.meta.url), { type: 'module' })
  return { worker, remote: wrap<Work>(worker) }
}
let ready: Computing | undefined
/** Starts a worker before anybody asks for one, and tells it which kit it will be asked about. */
export function readyWorker(products: ComplexionProduct[]): void {
  ready ??= make()
  void ready.remote.prepare(products)
}

/**
 * One computation at a time in a worker of its own, with progress, stop and latest-wins. Stopping ends the worker: the
 * computing itself never looks up, so nothing else would reach it.
 */
export function useWorkerTask() {
  const progress = ref<number | null>(null)
  let computing: Computing | undefined
  let giveUp: (() => void) | undefined

  function stop(): void {
    computing?.worker.terminate()
    computing = undefined
    progress.value = null
    giveUp?.()
    giveUp = undefined
  }

  async function run<T>(call: (work: Remote<Work>, report: (done: number) => void) => Promise<T>): Promise<T> {
    if (giveUp) stop()
    if (!computing) {
      computing = ready ?? make()
      ready = undefined
    }
    progress.value = 0
    const stopped = new Promise<never>((_, reject) => {
      giveUp = () => reject(new Stopped())
    })
    const mine = giveUp
    try {
      return await Promise.race([
        call(
          computing.remote,
          proxy((done: number) => {
            progress.value = done
          }),
        ),
        stopped,
      ])
    } finally {
      if (giveUp === mine) {
        giveUp = undefined
        progress.value = null
      }
    }
  }

  if (getCurrentScope()) onScopeDispose(stop)
  return { progress: readonly(progress), run, stop }
}

/** The same for small questions that are all to be answered: none gives way to the next. */
export function useWorkerTurns() {
  const task = useWorkerTask()
  const take = pLimit(1)
  let gone = false
  if (getCurrentScope()) {
    onScopeDispose(() => {
      gone = true
    })
  }
  const run = <T>(call: (work: Remote<Work>) => Promise<T>): Promise<T> =>
    take(() => (gone ? Promise.reject(new Stopped()) : task.run(call)))
  return { run }
}

/** An answer, or nothing when nobody waits for it any more. */
export async function unlessStopped<T>(answer: Promise<T>): Promise<T | undefined> {
  try {
    return await answer
  } catch (problem) {
    if (!(problem instanceof Stopped)) throw problem
    return undefined
  }
}
