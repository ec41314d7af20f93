import { useAsked } from '../asking/useAsked'

/** The plan of one face, made anew whenever what it depends on changes. */
export function usePlan(faceId: () => string) {
  const plans = usePlans()
  const faces = useFaces()
  const settings = useSettings()
  const face = computed(() => faces.byId.get(faceId()))
  const {
    value: plan,
    state,
    refused,
    again,
  } = useAsked(
    () => {
      const [id, now] = [faceId(), face.value]
      if (!now?.readings[0]) return null
      return [
        id,
        JSON.stringify(plans.draftOf(id)),
        now.consultation,
        now.bookings,
        now.readings[0].id,
        now.history.length,
        settings.value,
        plans.tests,
      ]
    },
    ([id], signal) => plans.compute(id, plans.draftOf(id), signal),
  )
  /** Where a lock or an override is refused, what is wrong with it. */
  const problem = computed(() => {
    const [first] = refused.value?.issues ?? []
    return first ? `${first.path.replace('locks: ', '')} ${first.message}` : (refused.value?.message ?? '')
  })
  return { plan, state, problem, again }
}
