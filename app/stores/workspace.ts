import { defineStore } from 'pinia'
import { ref } from 'vue'
import { ApiProblem } from '~/composables/api'
import { useBuys } from './buys'
import { useClientele } from './clientele'
import type { Touched } from '#shared/records/changes'
import { useFaces } from './faces'
import { useJobs } from './jobs'
import { useKeeping } from './keeping'
import { useKit } from './kit'
import { usePlans } from './plans'
import { useSettings } from './settings'
import { useUndo } from './undo'

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
        useClientele().load(),
        useJobs().load(),
        useBuys().load(),
        usePlans().loadTests(),
        useKeeping().load(),
        useKeeping().loadAside(),
      ])
      state.value = 'ready'
    } catch (refused) {
      if (!(refused instanceof ApiProblem)) throw refused
      problem.value = refused.message
      state.value = 'failed'
    }
  }
  /** Loads anew what an act touched. */
  async function refresh({ kit, buys, tests, jobs, settings, faces }: Touched): Promise<void> {
    await Promise.all([
      kit && useKit().load(),
      buys && useBuys().loadPurchases(),
      tests && usePlans().loadTests(),
      jobs && useJobs().again(),
      settings && useSettings().load(),
      faces.length > 0 && useClientele().load(),
      ...faces.map(id => useFaces().reload(id)),
    ])
  }
  useUndo().refresh = refresh
  return { state, problem, load, refresh }
})
