/* Ticks of a list that is held on several devices, some of them out of reach for hours: of each thing the newest word counts. */

export interface Tick {
  key: string
  done: boolean
  /** ISO moment, by the clock of the device that ticked it. */
  at: string
  /** What was written with it. */
  text: string
}

/** The newer of two ticks on one thing; at the same moment a tick wins over none: what is packed is not packed twice. */
export function newer(x: Tick, y: Tick): Tick {
  const [a, b] = [Date.parse(x.at), Date.parse(y.at)]
  if (a !== b) return a > b ? x : y
  if (x.done !== y.done) return x.done ? x : y
  // Whoever is asked first, the answer is the same.
  return x.text >= y.text ? x : y
}

/** The ticks of two devices merged: nothing newer is lost to something older. */
export function merged(x: readonly Tick[], y: readonly Tick[]): Tick[] {
  const all = new Map(x.map(t => [t.key, t]))
  for (const tick of y) {
    const known = all.get(tick.key)
    all.set(tick.key, known ? newer(known, tick) : tick)
  }
  return [...all.values()].sort((a, b) => (a.key < b.key ? -1 : 1))
}
