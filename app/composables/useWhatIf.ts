import { everyone } from '#core/complexion/population'
import type { ReachedSkin } from '#core/complexion/reach'
import { plainShelf } from './useShelf'
import { Stopped, useWorkerTask } from './useWorkerTask'

/** The kit as it would be without some bottles: computed anew each time, never guessed from the full one. */
export function useWhatIf() {
  const kit = useKit()
  const settings = useSettings()
  const { progress, run, stop } = useWorkerTask()
  const leftOut = ref<ReadonlySet<string>>(new Set())
  const skins = shallowRef<ReachedSkin[] | null>(null)
  const failed = ref(false)

  async function compute(without: ReadonlySet<string>): Promise<void> {
    leftOut.value = without
    failed.value = false
    if (without.size === 0) return clear()
    const { products, rules } = plainShelf(kit.shelf)
    const rest = products.filter(p => !without.has(p.id))
    try {
      const result = await run((work, report) =>
        work.reach({ products: rest, rules }, everyone(), { ...settings.options }, report),
      )
      skins.value = result.skins
    } catch (problem) {
      if (!(problem instanceof Stopped)) failed.value = true
    }
  }

  function clear(): void {
    stop()
    leftOut.value = new Set()
    skins.value = null
  }
  const leave = (id: string) => compute(new Set([...leftOut.value, id]))
  const putBack = (id: string) => compute(new Set([...leftOut.value].filter(other => other !== id)))

  return { leftOut, skins, failed, progress, leave, putBack, clear }
}
