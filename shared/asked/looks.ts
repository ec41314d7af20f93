import type { SeenVerdict } from '../records/people/faces'

// Said again of the same mix on the same face within this time, it is a better word for the same look.
const ONE_LOOK_MS = 60 * 60 * 1000

const mixOf = ({ drops }: SeenVerdict) =>
  drops
    .map(d => `${d.count} ${d.id}`)
    .sort()
    .join()

/**
 * The looks behind what was seen of a face: of several verdicts on one mix within an hour only the last counts as evidence.
 * @param seen newest first
 */
export function looksOf(seen: readonly SeenVerdict[]): SeenVerdict[] {
  const last = new Map<string, number>()
  return seen.filter(verdict => {
    const mix = mixOf(verdict)
    const at = Date.parse(verdict.seenAt)
    const later = last.get(mix)
    last.set(mix, at)
    return later === undefined || later - at > ONE_LOOK_MS
  })
}
