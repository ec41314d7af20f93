import type { Lab } from '#core/colour/lab'
import type { Drops, Recipe } from '#core/complexion/recipe'
import type { Complaint, Degree, Steering, Touch } from '#core/complexion/touch'
import { plainShelf } from './useShelf'
import { Stopped, useWorkerTask, useWorkerTurns } from './useWorkerTask'

/** "Small ratios first": up to this many drops, unless finer ones are asked for. */
export const SMALL_RATIO_DROPS = 4
const SHOWN = 5

/** The best recipes of the kit for one skin, and what one more touch would do, computed in a worker. */
export function useMatch(target: () => Lab | undefined) {
  const kit = useKit()
  const settings = useSettings()
  const task = useWorkerTask()
  const helper = useWorkerTurns()
  const recipes = shallowRef<Recipe[]>([])
  const finer = ref(false)
  const state = ref<'idle' | 'working' | 'ready' | 'stopped' | 'failed'>('idle')

  async function compute(): Promise<void> {
    const lab = target()
    if (!lab) return
    state.value = 'working'
    const { maxProducts, maxDrops, tolerance } = settings.options
    const drops = finer.value ? maxDrops : Math.min(maxDrops, SMALL_RATIO_DROPS)
    const options = { maxProducts, maxDrops: drops, tolerance, illuminant: 'D65' } as const
    try {
      // What often holds is tried only in the end, and only by those who work that way.
      const safeOnly = drops < maxDrops
      recipes.value = await task.run(work => work.match(plainShelf(kit.shelf), { ...lab }, options, SHOWN, safeOnly))
      // A finer ratio is worth its counting when no small one is near enough.
      if (!finer.value && drops < maxDrops && !recipes.value.some(r => r.deltaE <= tolerance)) finer.value = true
      else state.value = 'ready'
    } catch (problem) {
      if (!(problem instanceof Stopped)) state.value = 'failed'
      else if (task.progress.value === null) state.value = 'stopped'
    }
  }
  watch([target, finer, () => kit.shelf, () => settings.options], () => void compute(), {
    immediate: true,
  })

  /** Which bottle steers a recipe where. */
  async function steer(drops: readonly Drops[]): Promise<Partial<Record<Steering, Touch>>> {
    return helper.run(work =>
      work.touches(
        plainShelf(kit.shelf),
        drops.map(d => ({ ...d })),
      ),
    )
  }
  async function nextTouch(drops: readonly Drops[], complaint: Complaint, degree?: Degree): Promise<Touch | null> {
    return helper.run(work =>
      work.nextTouch(
        plainShelf(kit.shelf),
        drops.map(d => ({ ...d })),
        complaint,
        degree,
      ),
    )
  }
  /** The touch that brings an old recipe to the skin as it is now. */
  async function bringBack(drops: readonly Drops[], skin: Lab): Promise<Touch | null> {
    return helper.run(work =>
      work.touchTowards(
        plainShelf(kit.shelf),
        drops.map(d => ({ ...d })),
        { ...skin },
      ),
    )
  }
  return { recipes, finer, bringBack, state, progress: task.progress, stop: task.stop, compute, steer, nextTouch }
}
