import type { FacePlan } from '#core/plan/facePlan'
import { ApiProblem } from './api'

/** The plan of one face, computed anew whenever what it depends on changes; an older answer never overtakes a newer one. */
export function usePlan(faceId: () => string) {
  const plans = usePlans()
  const faces = useFaces()
  const undo = useUndo()
  const settings = useSettings()
  const plan = shallowRef<FacePlan | null>(null)
  const state = ref<'idle' | 'working' | 'ready' | 'refused'>('idle')
  const problem = ref('')
  let turn = 0

  async function compute(): Promise<void> {
    const id = faceId()
    if (!faces.byId.get(id)?.readings[0]) {
      state.value = 'idle'
      return
    }
    const mine = ++turn
    state.value = 'working'
    try {
      const found = await plans.compute(id, plans.draftOf(id))
      if (mine !== turn) return
      plan.value = found
      state.value = 'ready'
      problem.value = ''
    } catch (refused) {
      if (!(refused instanceof ApiProblem)) throw refused
      if (mine !== turn) return
      state.value = 'refused'
      problem.value = refused.issues[0]
        ? `${refused.issues[0].path.replace('locks: ', '')} ${refused.issues[0].message}`
        : refused.message
    }
  }
  const face = computed(() => faces.byId.get(faceId()))
  watch(
    [
      faceId,
      () => JSON.stringify(plans.draftOf(faceId())),
      () => face.value?.consultation,
      () => face.value?.bookings,
      () => face.value?.readings[0]?.id,
      () => face.value?.history.length,
      () => undo.acts,
      () => settings.value,
      () => plans.tests,
    ],
    () => void compute(),
    { immediate: true },
  )
  return { plan, state, problem, compute }
}
