import { proxy, wrap, type Remote } from 'comlink'
import type { Work } from '~/workers/complexion.worker'

/** A computation was given up: by the artist, or because a newer one took its place. */
export class Stopped extends Error {
  constructor() {
    super('stopped')
  }
}

/**
 * One computation at a time in a worker of its own, with progress, stop and latest-wins. Stopping ends the worker: the
 * computing itself never looks up, so nothing else would reach it.
 */
export function useWorkerTask() {
  const progress = ref<number | null>(null)
  let worker: Worker | undefined
  let remote: Remote<Work> | undefined
  let giveUp: (() => void) | undefined

  function stop(): void {
    worker?.terminate()
    worker = undefined
    progress.value = null
    giveUp?.()
    giveUp = undefined
  }

  async function run<T>(call: (work: Remote<Work>, report: (done: number) => void) => Promise<T>): Promise<T> {
    if (giveUp) stop()
    if (!worker) {
      worker = new Worker(new URL('../workers/complexion.worker.ts', import.meta.url), { type: 'module' })
      remote = wrap<Work>(worker)
    }
    progress.value = 0
    const stopped = new Promise<never>((_, reject) => {
      giveUp = () => reject(new Stopped())
    })
    const mine = giveUp
    try {
      return await Promise.race([
        call(
          remote!,
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
