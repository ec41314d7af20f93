import type { Mend } from '#core/buy/mend'
import type { Lab } from '#core/colour/lab'
import { plainShelf } from '../asking/plainShelf'
import { useAsked } from '../asking/useAsked'
import { useComplexionWorker } from '../asking/useWorker'

/** The smallest purchase that would match one skin, computed when a skin is given. */
export function useMend(skin: () => Lab | null) {
  const kit = useKit()
  const buys = useBuys()
  const settings = useSettings()
  const task = useComplexionWorker()
  const {
    value: mend,
    state,
    stop,
  } = useAsked<Lab, Mend | null>(
    skin,
    async (lab, signal) => {
      await useWorkspace().loaded()
      const { products: owned, rules } = plainShelf(kit.shelf)
      return task.run(
        (work, report) =>
          work.mend({ owned, rules, offers: buys.open(), skin: { ...lab }, options: { ...settings.options } }, report),
        signal,
      )
    },
    { afterActs: false, fresh: true },
  )
  return { mend, state, progress: task.progress, stop }
}
