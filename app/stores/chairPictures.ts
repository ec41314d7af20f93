import { createStore, del, entries, get, set } from 'idb-keyval'
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { isKeptTooLong } from '#shared/asked/along'
import { api, outcomeOf } from '~/asking/api'

/*
 * Pictures taken at the chair: they lie on this device until the server has them, and nowhere else. What cannot be kept here (a browser
 * that keeps nothing) waits as long as the page is open.
 */

interface Kept {
  jobId: string
  faceId: string
  /** ISO moment. */
  takenAt: string
  blob: Blob
}
export interface Waiting extends Kept {
  id: string
  /** Of the picture as it lies here. */
  url: string
  /** Whether it lies on the device, and not in this page alone. */
  stored: boolean
  /** Why the server would not have it; empty where it was not asked, or not there. */
  refused: string
}

const AGAIN_MS = 15_000
const on = () => createStore('varietas', 'chair-pictures')

export const useChairPictures = defineStore('chairPictures', () => {
  const waiting = shallowRef<Waiting[]>([])
  const open = computed(() => waiting.value.filter(p => !p.refused))
  let sending = false
  let timer: ReturnType<typeof setInterval> | undefined

  const shown = (id: string, kept: Kept, stored: boolean): Waiting => ({
    ...{ id, ...kept, url: URL.createObjectURL(kept.blob), stored, refused: '' },
  })
  /** Another page of this device may have sent it. */
  const isSent = async ({ id, stored }: Waiting) =>
    stored
    && (await get(id, on()).then(
      found => found === undefined,
      () => false,
    ))

  /** Takes up what lies here from before, and sends it. */
  async function start(): Promise<void> {
    try {
      const before = await entries<string, Kept>(on())
      const known = new Set(waiting.value.map(p => p.id))
      waiting.value = [
        ...waiting.value,
        ...before.filter(([id]) => !known.has(id)).map(([id, kept]) => shown(id, kept, true)),
      ]
    } catch {
      // This browser keeps nothing: there is nothing from before.
    }
    window.addEventListener('online', () => void send())
    await send()
  }

  async function take(jobId: string, faceId: string, blob: Blob): Promise<void> {
    const id = crypto.randomUUID()
    const kept: Kept = { jobId, faceId, takenAt: new Date().toISOString(), blob }
    // Not allowed here, or no room: it is sent from the page all the same.
    const stored = await set(id, kept, on()).then(
      () => true,
      () => false,
    )
    waiting.value = [...waiting.value, shown(id, kept, stored)]
    await send()
  }

  async function letGo(id: string): Promise<void> {
    const gone = waiting.value.find(p => p.id === id)
    waiting.value = waiting.value.filter(p => p.id !== id)
    if (gone) URL.revokeObjectURL(gone.url)
    await del(id, on()).catch(() => undefined)
  }

  /** Drops pictures of those who are gone, and what has waited here too long. */
  async function dropAbout(gone: ReadonlySet<string>): Promise<void> {
    for (const { id, faceId, takenAt } of waiting.value)
      if (gone.has(faceId) || isKeptTooLong(takenAt, Date.now())) await letGo(id)
  }

  /** Gives the server what it has not got; what lies with a face there lies here no more. */
  async function send(): Promise<void> {
    if (sending) return
    sending = true
    try {
      for (let next = open.value[0]; next; next = open.value[0]) {
        const { id, faceId, blob } = next
        if (await isSent(next)) {
          await letGo(id)
          continue
        }
        const sent = await outcomeOf(api('post', '/api/faces/:id/pictures', { id: faceId }, { body: blob }))
        const refused = sent.ok ? null : sent.refused
        if (refused && refused.status === null) break
        // Whoever was forgotten meanwhile is forgotten here, too.
        if (!refused || refused.status === 404) await letGo(id)
        else waiting.value = waiting.value.map(p => (p.id === id ? { ...p, refused: refused.message } : p))
      }
    } finally {
      sending = false
    }
    clearInterval(timer)
    if (open.value.length > 0) timer = setInterval(() => void send(), AGAIN_MS)
  }

  return { waiting, start, take, letGo, dropAbout, send }
})
