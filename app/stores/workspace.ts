import { defineStore } from 'pinia'
import { ref } from 'vue'
import { outcomeOf } from '~/asking/api'
import { useBuys } from './buys'
import { useClientele } from './clientele'
import type { Touched } from '#shared/records/record/changes'
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
  /** What has been asked for and not answered yet, in words. */
  const awaited = ref<string[]>([])
  let loading: Promise<unknown> = Promise.resolve()
  let tries = 0

  /** The rest is asked for once `drawn` is there, so that it does not stand in the way of the first answer. */
  function load(drawn?: Promise<unknown>): Promise<void> {
    const done = inOrder(drawn)
    loading = done
    return done
  }
  async function inOrder(drawn?: Promise<unknown>): Promise<void> {
    const own = ++tries
    // An answer to an earlier try that comes after all changes nothing of a later one.
    const isLatest = () => own === tries
    state.value = 'loading'
    canMix.value = false
    awaited.value = []
    const ask = async (what: string, load: () => Promise<unknown>) => {
      awaited.value = [...awaited.value, what]
      await load()
      if (isLatest()) awaited.value = awaited.value.filter(w => w !== what)
    }
    const outcome = await outcomeOf(async () => {
      await Promise.all([
        ask('your methods', () => useSettings().load()),
        ask('the kit', () => useKit().load()),
        ask('what palette and flash have shown', () => usePlans().loadTests()),
      ])
      if (!isLatest()) return
      canMix.value = true
      await drawn
      await whenIdle()
      await Promise.all([
        ask('the people', () => useClientele().load()),
        ask('the jobs', () => useJobs().load()),
        ask('suppliers and purchases', () => useBuys().load()),
        ask('the backups', () => useKeeping().load()),
      ])
      if (!isLatest()) return
      // Quarantined rows come later: looking through years of work takes a while.
      void useUndo().attempt(() => useKeeping().loadAside())
      state.value = 'ready'
    })
    if (outcome.ok || !isLatest()) return
    problem.value = outcome.refused?.message ?? ''
    state.value = 'failed'
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
  return { state, canMix, problem, awaited, load, loaded, refresh }
})
