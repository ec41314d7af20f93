/** Shorter than this a time says nothing: what is read then is the clock. */
const LEAST_MS = 0.5
const ROUNDS = 3

const timeOf = (work: () => unknown): number => {
  const times = Array.from({ length: ROUNDS }, () => {
    const begun = performance.now()
    work()
    return performance.now() - begun
  })
  return Math.max(LEAST_MS, Math.min(...times))
}

/**
 * How many times as long a large input takes as a small one, both in the same run, so that a slow machine does not matter: for four times
 * as much about 4 where time grows with the length, 16 where it grows with its square.
 */
export function growth(small: () => unknown, large: () => unknown): number {
  small()
  return timeOf(large) / timeOf(small)
}
