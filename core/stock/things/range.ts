/* The shades of a range along the depth scale, while nobody has seen them. */

/** Where a range begins and ends that says nothing of it: fair to very deep. */
export const USUAL_ENDS = { first: 1.5, last: 11.5 } as const
const rounded = (depth: number) => Math.round(depth * 10) / 10

/**
 * Depths for the shades of a range, from the lightest: those that are known stay, the others lie evenly between their neighbours.
 * @param known 1–12, null where nobody said
 * @example alongScale([null, 4, null]) // [1.5, 4, 11.5]
 */
export function alongScale(
  known: readonly (number | null)[],
  ends = USUAL_ENDS as { first: number; last: number },
): number[] {
  if (known.length === 1) return [known[0] ?? ends.first]
  const anchors = known.flatMap((depth, at) => (depth === null ? [] : [{ at, depth }]))
  const [first, last] = [anchors[0], anchors.at(-1)]
  const from = first?.at === 0 ? first : { at: 0, depth: Math.min(ends.first, first?.depth ?? ends.first) }
  const to =
    last?.at === known.length - 1
      ? last
      : { at: known.length - 1, depth: Math.max(ends.last, last?.depth ?? ends.last) }
  const fixed = [from, ...anchors.filter(a => a.at > from.at && a.at < to.at), to]
  return known.map((_, at) => {
    const before = fixed.findLast(a => a.at <= at) ?? from
    const after = fixed.find(a => a.at >= at) ?? to
    const share = after.at === before.at ? 0 : (at - before.at) / (after.at - before.at)
    return rounded(before.depth + (after.depth - before.depth) * share)
  })
}

/** One shade moved: it stays between its neighbours, since a range is in order. */
export function movedTo(depths: readonly number[], at: number, depth: number): number[] {
  const low = depths[at - 1] ?? 1
  const high = depths[at + 1] ?? 12
  return depths.map((d, i) => (i === at ? rounded(Math.min(high, Math.max(low, depth))) : d))
}

/**
 * One end of a range moved: it may go anywhere along the scale but past the other end, and those between keep their place between the two.
 * @example betweenEnds([2, 4, 6], 2, 10) // [2, 6, 10]
 */
export function betweenEnds(depths: readonly number[], at: number, depth: number): number[] {
  const last = depths.length - 1
  const [from, to] = [depths[0]!, depths[last]!]
  if (at !== 0 && at !== last) return [...depths]
  const end = rounded(at === 0 ? Math.min(to, Math.max(1, depth)) : Math.max(from, Math.min(12, depth)))
  const [first, second] = at === 0 ? [end, to] : [from, end]
  return depths.map((d, i) => {
    if (i === at) return end
    if (i === 0 || i === last) return d
    const share = to === from ? i / last : (d - from) / (to - from)
    return rounded(first + (second - first) * share)
  })
}
