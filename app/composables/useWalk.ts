const STEPS: Partial<Record<string, number>> = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 }

/** The member of a ring an arrow key leads to; undefined for every other key. */
export function walked<T>(ring: readonly T[], from: T, key: string): T | undefined {
  const step = STEPS[key]
  return step === undefined ? undefined : ring[(ring.indexOf(from) + step + ring.length) % ring.length]
}
