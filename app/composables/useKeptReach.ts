/** Reach for a page that shows it: computed now if it was not, and from then on after every change. */
export function useKeptReach() {
  const reach = useReach()
  reach.keep()
  return reach
}
