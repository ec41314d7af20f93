import { everyone } from '#core/complexion/skins/population'
import type { ReachedSkin } from '#core/complexion/reach'
import { plainShelf } from '../asking/plainShelf'
import { useAsked } from '../asking/useAsked'
import { useComplexionWorker } from '../asking/useWorker'

/** The kit as it would be without some bottles: computed anew each time, never guessed from the full one. */
export function useWhatIf() {
  const kit = useKit()
  const settings = useSettings()
  const { progress, run } = useComplexionWorker()
  const leftOut = ref<ReadonlySet<string>>(new Set())
  const { value: skins, state } = useAsked<ReadonlySet<string>, ReachedSkin[]>(
    () => (leftOut.value.size > 0 ? leftOut.value : null),
    async (without, signal) => {
      const { products, rules } = plainShelf(kit.shelf)
      const rest = products.filter(p => !without.has(p.id))
      const reached = await run(
        (work, report) => work.reach({ products: rest, rules }, everyone(), { ...settings.options }, report),
        signal,
      )
      return reached.skins
    },
    { afterActs: false },
  )
  const failed = computed(() => state.value === 'failed')
  const leaveOut = (ids: Iterable<string>) => {
    leftOut.value = new Set(ids)
  }
  const clear = () => leaveOut([])
  const leave = (id: string) => leaveOut([...leftOut.value, id])
  const putBack = (id: string) => leaveOut([...leftOut.value].filter(other => other !== id))

  return { leftOut, skins, failed, progress, leave, putBack, clear }
}
