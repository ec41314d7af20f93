import type { BaseOffer, BaseOrder, Steer } from '#core/plan/bases'
import type { Lab } from '#core/colour/lab'
import type { Drops } from '#core/complexion/recipe'
import type { Complaint, Degree, Steering, Touch } from '#core/complexion/touch'
import { isColoured } from '#shared/kitPigments'
import type { Face } from '#shared/records/faces'
import { ApiProblem } from './api'
import { plainShelf } from './useShelf'
import { useWorkerTurns } from './useWorkerTask'

/**
 * What the kit can mix for one face, the best first by colour, formula and ease together: the same answer the plan takes its base from.
 * What one more touch would do is computed in a worker.
 */
export function useMatch(face: () => Face) {
  const kit = useKit()
  const plans = usePlans()
  const undo = useUndo()
  const settings = useSettings()
  const helper = useWorkerTurns()
  const bases = shallowRef<BaseOffer[]>([])
  const order = ref<BaseOrder>('all together')
  const steers = ref<Steer[]>([])
  const state = ref<'idle' | 'working' | 'ready' | 'stopped' | 'failed'>('idle')
  let turn = 0

  async function compute(): Promise<void> {
    const { id, readings } = face()
    if (readings.length === 0) return
    const mine = ++turn
    state.value = 'working'
    try {
      const found = await plans.bases(id, { order: order.value, steers: [...steers.value] })
      // Stopped, or asked again meanwhile.
      if (mine !== turn) return
      bases.value = found
      state.value = 'ready'
    } catch (problem) {
      if (!(problem instanceof ApiProblem)) throw problem
      if (mine === turn) state.value = 'failed'
    }
  }
  function stop(): void {
    turn++
    state.value = 'stopped'
  }
  watch(
    [
      () => face().id,
      () => face().readings[0]?.id,
      () => JSON.stringify(plans.draftOf(face().id)),
      () => face().consultation,
      () => face().bookings,
      () => face().history.length,
      () => undo.acts,
      () => settings.value,
      () => plans.tests,
      order,
      steers,
    ],
    () => void compute(),
    { immediate: true },
  )
  const coloured = (drops: readonly Drops[]) =>
    drops.flatMap(d => (kit.byId.has(d.id) && isColoured(kit.byId.get(d.id)!) ? [{ ...d }] : []))

  /** Which bottle steers a recipe where. */
  async function steer(drops: readonly Drops[]): Promise<Partial<Record<Steering, Touch>>> {
    return helper.run(work => work.touches(plainShelf(kit.shelf), coloured(drops)))
  }
  async function nextTouch(drops: readonly Drops[], complaint: Complaint, degree?: Degree): Promise<Touch | null> {
    return helper.run(work => work.nextTouch(plainShelf(kit.shelf), coloured(drops), complaint, degree))
  }
  /** The touch that brings an old recipe to the skin as it is now. */
  async function bringBack(drops: readonly Drops[], skin: Lab): Promise<Touch | null> {
    return helper.run(work => work.touchTowards(plainShelf(kit.shelf), coloured(drops), { ...skin }))
  }
  return { bases, order, steers, bringBack, state, stop, compute, steer, nextTouch }
}
