import { getCurrentScope, onScopeDispose, readonly, ref } from 'vue'
import { wrap, type Remote } from 'comlink'
import { Stopped } from './useWorkerTask'

/** A worker that one form has for itself: a question at a time, the newest counts, and stopping ends it. */
export function useOwnWorker<Work>(make: () => Worker) {
  const busy = ref(false)
  let worker: Worker | undefined
  // Held as long as the worker: one that is let go of is told so, and answers nobody after that.
  let remote: Remote<Work> | undefined
  let giveUp: (() => void) | undefined

  function stop(): void {
    worker?.terminate()
    worker = undefined
    remote = undefined
    busy.value = false
    giveUp?.()
    giveUp = undefined
  }

  /** @throws Stopped */
  async function run<T>(call: (work: Remote<Work>) => Promise<T>): Promise<T> {
    if (giveUp) stop()
    worker ??= make()
    remote ??= wrap<Work>(worker)
    busy.value = true
    const stopped = new Promise<never>((_, reject) => {
      giveUp = () => reject(new Stopped())
    })
    const mine = giveUp
    try {
      return await Promise.race([call(remote), stopped])
    } finally {
      if (giveUp === mine) {
        giveUp = undefined
        busy.value = false
      }
    }
  }

  if (getCurrentScope()) onScopeDispose(stop)
  return { busy: readonly(busy), run, stop }
}
