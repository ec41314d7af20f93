/** A small seeded generator (mulberry32) so that a failing seed can be run again. */
export function seeded(seed: number) {
  let state = seed >>> 0
  const next = () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = state
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
  return {
    next,
    between: (low: number, high: number) => low + (high - low) * next(),
    pick: <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)]!,
    /** Box–Muller. */
    normal: () => Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next()),
  }
}
