import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { Along, Asked } from '#shared/asked/along'
import { onAnswered } from '~/asking/api'

/*
 * What this device can do without the server: the application itself and jobs that were taken along are kept by the service worker
 * (app/offline). Browsers allow that on this computer and over https only.
 */
export const useAlong = defineStore('along', () => {
  /** Jobs that are kept here. */
  const jobs = ref<Along[]>([])
  /** Whether anything can be kept here; null until that is known. */
  const able = ref<boolean | null>(null)
  /** The server did not answer the last time it was asked. */
  const away = ref(false)
  /** When what is shown was answered, where the server was not there to answer: ISO moment. */
  const keptAt = ref<string | null>(null)
  /** A newer version is stored and waits for its turn. */
  const newer = ref(false)
  let registration: ServiceWorkerRegistration | null = null
  let takesTurn = false

  onAnswered(how => {
    away.value = how !== 'live'
    if (how === 'live') keptAt.value = null
    else if (how !== 'not') keptAt.value = how.keptAt
  })

  async function ask(asked: Asked): Promise<Along[] | null> {
    const worker = registration?.active ?? (await navigator.serviceWorker.ready).active
    if (!worker) return null
    const { port1, port2 } = new MessageChannel()
    const told = new Promise<Along[] | null>(resolve => {
      port1.onmessage = ({ data }: MessageEvent<Along[] | null>) => resolve(data)
    })
    worker.postMessage(asked, [port2])
    const found = await told
    if (found) jobs.value = found
    return found
  }

  /** Stores the application on this device, where the browser allows it. */
  async function install(): Promise<void> {
    if (!('serviceWorker' in navigator)) {
      able.value = false
      return
    }
    try {
      registration = await navigator.serviceWorker.register('/sw.js')
    } catch {
      // Not allowed here, or out of reach: what was stored before still serves.
      registration = (await navigator.serviceWorker.getRegistration().catch(() => undefined)) ?? null
    }
    if (!registration) {
      able.value = false
      return
    }
    look(registration)
    navigator.serviceWorker.addEventListener('controllerchange', () => {
      if (takesTurn) location.reload()
    })
    // Jobs that were erased or closed are dropped without a question.
    navigator.serviceWorker.addEventListener('message', ({ data }: MessageEvent<Along[]>) => (jobs.value = data))
    await navigator.serviceWorker.ready
    able.value = true
    await ask('tend')
  }
  /** Watches for a newer version: one that replaces another waits. */
  function look(at: ServiceWorkerRegistration): void {
    const isNewer = () => (newer.value = at.waiting !== null && at.active !== null)
    isNewer()
    at.addEventListener('updatefound', () => at.installing?.addEventListener('statechange', isNewer))
  }
  /** Keeps a job on this device. */
  const keep = async (jobId: string) => able.value === true && (await ask({ keep: jobId }).catch(() => null)) !== null
  const drop = (jobId: string) => ask({ drop: jobId })
  /** Looks what is kept, whether or not the server answers. */
  async function list(): Promise<void> {
    if (!('serviceWorker' in navigator) || !navigator.serviceWorker.controller) return
    await ask('list')
  }
  /** The newer version takes its turn: this page is loaded anew. */
  async function takeTurn(): Promise<void> {
    takesTurn = true
    const waiting = registration?.waiting
    if (waiting) waiting.postMessage('turn' satisfies Asked)
    else location.reload()
  }
  return { jobs, able, away, keptAt, newer, install, keep, drop, list, takeTurn }
})
