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
