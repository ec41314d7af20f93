/**
 * Places along an axis, each as near as can be to where it belongs and at least `gap` from the next: neighbours that
 * crowd are moved apart about their common centre.
 * @param wanted ascending
 * @see Barlow et al. 1972, pool-adjacent-violators
 */
export function spreadOut(wanted: readonly number[], gap: number): number[] {
  // Subtracting i·gap turns "at least gap apart" into "ascending", which pooling solves exactly in least squares.
  const pools: { sum: number; size: number }[] = []
  wanted.forEach((w, i) => {
    pools.push({ sum: w - i * gap, size: 1 })
    for (;;) {
      const last = pools[pools.length - 1]!
      const before = pools[pools.length - 2]
      if (!before || before.sum / before.size <= last.sum / last.size) break
      pools.pop()
      before.sum += last.sum
      before.size += last.size
    }
  })
  return pools.flatMap(p => new Array<number>(p.size).fill(p.sum / p.size)).map((v, i) => v + i * gap)
}
