import { api, ApiProblem } from './api'

/** Brands and ranges of the kit, for fields that propose them; none while they are on their way. */
export function useRangesOwned() {
  const ranges = shallowRef<{ brand: string; range: string }[]>([])
  const undo = useUndo()
  watch(
    () => undo.acts,
    async () => {
      try {
        ranges.value = await api('get', '/api/kit/ranges')
      } catch (problem) {
        // The fields are typed into all the same.
        if (!(problem instanceof ApiProblem)) throw problem
      }
    },
    { immediate: true },
  )
  return { ranges }
}
