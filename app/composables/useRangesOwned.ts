import { api } from '../asking/api'
import { useAsked } from '../asking/useAsked'

/** Brands and ranges of the kit, for fields that propose them; none while they are on their way, or cannot be had. */
export function useRangesOwned() {
  const { value } = useAsked(
    () => 'ranges',
    (_all, signal) => api('get', '/api/kit/ranges', {}, { signal }),
  )
  return { ranges: computed(() => value.value ?? []) }
}
