import type { Mend } from '#core/buy/mend'
import type { Lab } from '#core/colour/lab'
import { plainShelf } from './useShelf'
import { Stopped, useWorkerTask } from './useWorkerTask'

/** The smallest purchase that would match one skin, computed when a skin is given. */
export function useMend(skin: () => Lab | null) {
  const kit = useKit()
  const buys = useBuys()
  const settings = useSettings()
  const task = useWorkerTask()
  const mend = shallowRef<Mend | null>(null)
  const state = ref<'idle' | 'working' | 'ready' | 'failed'>('idle')

  let asked = 0
  watch(
    skin,
    async lab => {
      const mine = ++asked
      mend.value = null
      task.stop()
      state.value = lab ? 'working' : 'idle'
      if (!lab) return
      try {
        await useWorkspace().loaded()
        if (mine !== asked) return
        const { products: owned, rules } = plainShelf(kit.shelf)
        mend.value = await task.run((work, report) =>
          work.mend({ owned, rules, offers: buys.open(), skin: { ...lab }, options: { ...settings.options } }, report),
        )
        state.value = 'ready'
      } catch (problem) {
        if (!(problem instanceof Stopped)) state.value = 'failed'
        else if (task.progress.value === null) state.value = 'idle'
      }
    },
    { immediate: true },
  )
  return { mend, state, progress: task.progress, stop: task.stop }
}
