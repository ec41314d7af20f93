import { defineStore } from 'pinia'
import { ref, computed } from 'vue'
import { ApiProblem } from '~/composables/api'

/** The last thing done, told at the foot of the page, and the way back from it. */
export const useUndo = defineStore('undo', () => {
  const shown = ref(false)
  const message = ref('')
  const back = ref<(() => Promise<unknown>) | null>(null)
  const canUndo = computed(() => back.value !== null)

  function tell(text: string, undo?: () => Promise<unknown>): void {
    message.value = text
    back.value = undo ?? null
    shown.value = true
  }

  function dismiss(): void {
    shown.value = false
    back.value = null
  }

  async function run(): Promise<void> {
    const undo = back.value
    dismiss()
    if (undo) await attempt(undo)
  }

  /** Does something that the server may refuse; the refusal is told, not thrown. True when it was done. */
  async function attempt(work: () => Promise<unknown>): Promise<boolean> {
    try {
      await work()
      return true
    } catch (problem) {
      if (!(problem instanceof ApiProblem)) throw problem
      tell(problem.message)
      return false
    }
  }
  return { shown, message, canUndo, tell, dismiss, run, attempt }
})
