import { defineStore } from 'pinia'
import { ref, computed } from 'vue'
import type { Touched } from '#shared/records/record/changes'
import { acts, api, onDone, outcomeOf, type Attempted, type Done, type NotSwallowed } from '~/asking/api'

/** The message about the last act at the foot of the page, with its undo: for everything written, and for drafts on this device. */
export const useUndo = defineStore('undo', () => {
  const shown = ref(false)
  /** Grows with every message: each is shown for its whole time, also when it replaces another. */
  const told = ref(0)
  const message = ref('')
  const back = ref<(() => Promise<unknown>) | null>(null)
  const canUndo = computed(() => back.value !== null)
  const refresh = ref<(touched: Touched) => Promise<unknown>>(() => Promise.resolve())

  function tell(text: string, undo?: () => Promise<unknown>): void {
    message.value = text
    told.value++
    back.value = undo ?? null
    shown.value = true
  }
  onDone((done: Done) => tell(done.words, () => takeBack(done.id)))

  function dismiss(): void {
    shown.value = false
    back.value = null
  }

  /** Takes one act back on the server, and loads anew what it touched. */
  async function takeBack(id: number): Promise<void> {
    const { touched } = await api('post', '/api/changes/:id/undo', { id: String(id) })
    await refresh.value(touched)
  }
  /** The last act that can be taken back, wherever it was done. */
  async function takeBackLast(): Promise<void> {
    await attempt(async () => {
      const { touched } = await api('post', '/api/changes/undo')
      await refresh.value(touched)
    })
  }

  async function run(): Promise<void> {
    const undo = back.value
    dismiss()
    if (undo) await attempt(undo)
  }

  /** Does something that the server may refuse; a refusal is shown at the foot of the page, not thrown. True when it was done. */
  async function attempt<R>(work: () => Promise<R>, ..._seen: NotSwallowed<R>): Promise<Attempted> {
    const outcome = await outcomeOf(work)
    if (!outcome.ok && outcome.refused) tell(outcome.refused.message)
    return outcome.ok as Attempted
  }
  return { shown, told, message, canUndo, acts, refresh, tell, dismiss, run, attempt, takeBack, takeBackLast }
})
