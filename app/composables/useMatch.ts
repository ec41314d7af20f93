import type { BaseOffer, BaseOrder, Steer } from '#core/plan/bases'
import type { Lab } from '#core/colour/lab'
import type { Drops } from '#core/complexion/mixing/recipe'
import type { Complaint, Degree, Steering, Touch } from '#core/complexion/mixing/touch'
import { isColoured } from '#shared/asked/kitPigments'
import type { Face } from '#shared/records/people/faces'
import { useAsked } from '../asking/useAsked'
import { plainShelf } from '../asking/plainShelf'
import { useWorkerTurns } from '../asking/useWorker'

/**
 * What the kit can mix for one face, the best first by colour, formula and ease together: the same answer the plan takes its base from.
 * What one more touch would do is computed in a worker.
 */
export function useMatch(face: () => Face) {
  const kit = useKit()
  const plans = usePlans()
  const settings = useSettings()
  const helper = useWorkerTurns()
  const order = ref<BaseOrder>('all together')
  const steers = ref<Steer[]>([])
  const {
    value: offers,
    state,
    again,
    stop,
  } = useAsked(
    () => {
      const { id, readings, consultation, bookings, history } = face()
      if (readings.length === 0) return null
      return [
        id,
        order.value,
        steers.value,
        JSON.stringify(plans.draftOf(id)),
        readings[0]!.id,
        consultation,
        bookings,
        history.length,
        settings.value,
        plans.tests,
      ]
    },
    ([id, by, touches], signal) => plans.bases(id, { order: by, steers: [...touches] }, signal),
  )
  const bases = computed((): readonly BaseOffer[] => offers.value ?? [])
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
  return { bases, order, steers, bringBack, state, stop, again, steer, nextTouch }
}
