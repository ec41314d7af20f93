/** Shorter than this a time says nothing: what is read then is the clock. */
const LEAST_MS = 0.5
const ROUNDS = 5

/** Processor time of this process, ms: what other programs take meanwhile is not in it. */
const timeOf = (work: () => unknown): number => {
  const begun = process.cpuUsage()
  work()
  const { user, system } = process.cpuUsage(begun)
  return (user + system) / 1000
}

/**
 * How many times as long a large input takes as a small one, both in the same run, so that a slow machine does not matter: for four times
 * as much about 4 where time grows with the length, 16 where it grows with its square.
 */
export function growth(small: () => unknown, large: () => unknown): number {
  small()
  // In turn, and the least of each: what else a machine does in one round is not in all of them.
  const rounds = Array.from({ length: ROUNDS }, () => [timeOf(small), timeOf(large)] as const)
  const least = (which: 0 | 1) => Math.max(LEAST_MS, Math.min(...rounds.map(round => round[which])))
  return least(1) / least(0)
}
