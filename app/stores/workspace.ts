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

// The page that asks only for mixes is drawn first.
const IDLE_MS = 400
const whenIdle = () =>
  new Promise<unknown>(resolve => {
    if ('requestIdleCallback' in globalThis) requestIdleCallback(resolve, { timeout: IDLE_MS })
    else setTimeout(resolve)
  })

/** Everything the screens start from; what a match needs comes first. */
export const useWorkspace = defineStore('workspace', () => {
  const state = ref<'loading' | 'ready' | 'failed'>('loading')
  /** Whether what is mixed, and how, is here already. */
  const canMix = ref(false)
  const problem = ref('')
  let loading: Promise<unknown> = Promise.resolve()

  /** The rest is asked for once `drawn` is there, so that it does not stand in the way of the first answer. */
  function load(drawn?: Promise<unknown>): Promise<void> {
    const done = inOrder(drawn)
    loading = done
    return done
  }
  async function inOrder(drawn?: Promise<unknown>): Promise<void> {
    state.value = 'loading'
    canMix.value = false
    try {
      await Promise.all([useSettings().load(), useKit().load(), usePlans().loadTests()])
      canMix.value = true
      await drawn
      await whenIdle()
      await Promise.all([useClientele().load(), useJobs().load(), useBuys().load(), useKeeping().load()])
      // What is set aside is told when it is known: looking through years of work takes a while.
      void useUndo().attempt(() => useKeeping().loadAside())
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
  /** Once everything is here, or could not be had. */
  const loaded = () => loading
  return { state, canMix, problem, load, loaded, refresh }
})
