import { defineStore } from 'pinia'
import { ref } from 'vue'
import { ApiProblem } from '~/composables/api'
import { useBuys } from './buys'
import { useFaces } from './faces'
import { useKeeping } from './keeping'
import { useKit } from './kit'
import { usePlans } from './plans'
import { useSettings } from './settings'

/** Everything the screens start from, loaded together. */
export const useWorkspace = defineStore('workspace', () => {
  const state = ref<'loading' | 'ready' | 'failed'>('loading')
  const problem = ref('')

  async function load(): Promise<void> {
    state.value = 'loading'
    try {
      await Promise.all([
        useSettings().load(),
        useKit().load(),
        useFaces().load(),
        useBuys().load(),
        usePlans().loadTests(),
        useKeeping().load(),
      ])
      await useKeeping().loadAside()
      state.value = 'ready'
    } catch (refused) {
      if (!(refused instanceof ApiProblem)) throw refused
      problem.value = refused.message
      state.value = 'failed'
    }
  }
  return { state, problem, load }
})
