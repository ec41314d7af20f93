import { api } from './api'
import { useAsked } from './useAsked'

/** Brands and ranges of the kit, for fields that propose them; none while they are on their way, or cannot be had. */
export function useRangesOwned() {
  const { value } = useAsked(
    () => 'ranges',
    (_all, signal) => api('get', '/api/kit/ranges', {}, { signal }),
  )
  return { ranges: computed(() => value.value ?? []) }
}
