/** One thing that can be put in a place of a chain, with its worth there. */
export interface Option<T> {
  what: T
  worth: number
}

/** A place of a chain: what can go there, and what it is worth to leave it empty. */
export interface Place<T> {
  options: readonly Option<T>[]
  /** −Infinity when it may not stay empty. */
  empty: number
  /** Whether what is put here lies on the skin and meets the next layer; else it is only worth what it is worth. */
  layers: boolean
}

/** Options that meet every layer alike: but for the best of each kind, none can stand in a best chain. */
export function bestOfEach<T>(options: readonly Option<T>[], meets: (what: T) => unknown): number[] {
  const best = new Map<unknown, number>()
  options.forEach(({ what, worth }, i) => {
    const known = best.get(meets(what))
    if (known === undefined || worth > options[known]!.worth) best.set(meets(what), i)
  })
  return [...best.values()].sort((x, y) => x - y)
}

/**
 * The chain of greatest worth: the sum of what is chosen less what each layer costs over the one below it. Chosen as a
 * whole, place by place, keeping for every possible kind of uppermost layer the best chain that ends in it; a layer left out lets
 * the next meet the one before it.
 * @param cost of `over` lying on `under`, at least 0
 * @param meets the kind of a layer: those of one kind cost the same under and over any other. Each is its own when left out.
 * @returns per place the index of the option chosen, or null for empty; null when no chain is allowed
 */
export function bestChain<T>(
  places: readonly Place<T>[],
  cost: (under: T, over: T) => number,
  meets: (what: T) => unknown = what => what,
): { picks: (number | null)[]; worth: number } | null {
  interface Chain {
    top: T | null
    worth: number
    pick: number | null
    before: Chain | null
  }
  let chains: Chain[] = [{ top: null, worth: 0, pick: null, before: null }]
  for (const { options, empty, layers } of places) {
    const best = new Map<unknown, Chain>()
    const keep = (chain: Chain) => {
      const kind = chain.top === null ? null : meets(chain.top)
      const rival = best.get(kind)
      if (!rival || chain.worth > rival.worth) best.set(kind, chain)
    }
    const worthTrying = bestOfEach(options, layers ? meets : () => null)
    for (const before of chains) {
      if (empty !== -Infinity) keep({ top: before.top, worth: before.worth + empty, pick: null, before })
      for (const pick of worthTrying) {
        const { what, worth } = options[pick]!
        const price = layers && before.top !== null ? cost(before.top, what) : 0
        keep({ top: layers ? what : before.top, worth: before.worth + worth - price, pick, before })
      }
    }
    chains = [...best.values()]
  }
  const [end] = chains.sort((x, y) => y.worth - x.worth)
  if (!end) return null
  const picks: (number | null)[] = []
  for (let chain: Chain = end; chain.before; chain = chain.before) picks.unshift(chain.pick)
  return { picks, worth: end.worth }
}
