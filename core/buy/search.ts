/** A choice among priced items, where an aim is met once every item of one of its sets is chosen. */
export interface Problem {
  /** Price per item, above or equal 0. */
  prices: ArrayLike<number>
  aims: readonly Aim[]
  budget: number
}
export interface Aim {
  weight: number
  sets: readonly (readonly number[])[]
}

export interface Choice {
  chosen: number[]
  spend: number
  /** Weight of the aims met. */
  value: number
  /** No choice within the budget is worth more than this. Equal to the value when that is proven. */
  upperBound: number
  optimal: boolean
}

/** Values and sums of money closer than this are the same. */
export const SAME = 1e-9
// Sets looked at between two looks at the clock.
const CLOCK_EVERY = 64

/**
 * The most valuable choice within a budget, by depth-first branch and bound; among equally valuable ones the cheapest.
 *
 * Items complete each other, so the search starts from whole sets (bundles) and never trusts the gain of a single item.
 * Branch: take or leave the item with the largest share in what could still be gained. Bound: the smaller of two
 * relaxations, see {@link bound}.
 * @param deadline as `performance.now()`; when it passes, the best choice so far is returned with the bound that is left
 */
export function bestChoice(problem: Problem, deadline = Infinity, start: readonly number[] = []): Choice {
  const search = new Search(problem, deadline)
  search.offer(start)
  search.offer(singlesGreedy(problem, deadline))
  search.offer(bundleGreedy(problem, deadline))
  const bound = search.explore()
  return { ...search.best(), upperBound: Math.max(bound, search.best().value), optimal: !search.stopped }
}

/** Adds the item with the most value per price again and again, looking only at what one item does alone: quick, however many sets. */
function singlesGreedy({ prices, aims, budget }: Problem, deadline: number): number[] {
  const alone = aims.map(a => a.sets.flatMap(s => (s.length === 1 ? [s[0]!] : [])))
  const open = new Set(alone.keys())
  const chosen: number[] = []
  let left = budget
  while (performance.now() < deadline) {
    const gain = new Float64Array(prices.length)
    for (const i of open) for (const j of alone[i]!) gain[j]! += aims[i]!.weight
    let best = -1
    const rate = (j: number) => gain[j]! / Math.max(prices[j]!, SAME)
    for (let j = 0; j < gain.length; j++)
      if (gain[j]! > 0 && prices[j]! <= left + SAME && (best < 0 || rate(j) > rate(best))) best = j
    if (best < 0) break
    chosen.push(best)
    left -= prices[best]!
    for (const i of open) if (alone[i]!.includes(best)) open.delete(i)
  }
  return chosen
}

/** Adds the set with the most value per price again and again: a good first choice, far from always the best. */
export function bundleGreedy({ prices, aims, budget }: Problem, deadline = Infinity): number[] {
  const chosen = new Set<number>()
  const met = aims.map(a => a.sets.some(s => s.length === 0))
  let left = budget
  for (;;) {
    let best: { set: readonly number[]; cost: number; rate: number } | undefined
    const seen = new Set<string>()
    const over = () => performance.now() > deadline
    aims.forEach((aim, i) => {
      if (met[i] || over()) return
      for (const [k, set] of aim.sets.entries()) {
        if (k % CLOCK_EVERY === CLOCK_EVERY - 1 && over()) return
        const missing = set.filter(j => !chosen.has(j))
        const name = missing.join()
        if (seen.has(name)) continue
        seen.add(name)
        const cost = missing.reduce((s, j) => s + prices[j]!, 0)
        if (cost > left + SAME) continue
        const withIt = new Set([...chosen, ...missing])
        const gain = aims.reduce(
          (s, a, k) => (!met[k] && a.sets.some(t => t.every(j => withIt.has(j))) ? s + a.weight : s),
          0,
        )
        const rate = gain / Math.max(cost, SAME)
        if (!best || rate > best.rate) best = { set: missing, cost, rate }
      }
    })
    if (!best) return [...chosen]
    for (const j of best.set) chosen.add(j)
    left -= best.cost
    aims.forEach((a, i) => {
      met[i] ||= a.sets.some(t => t.every(j => chosen.has(j)))
    })
  }
}

const OPEN = 0,
  TAKEN = 1,
  LEFT = 2

class Search {
  stopped = false
  private readonly n: number
  private readonly state: Uint8Array
  private readonly share: Float64Array
  private readonly credit: Float64Array
  private bestSet: number[] = []
  private bestValue = -1
  private bestSpend = Infinity
  /** Largest bound among the branches that were given up when the time ran out. */
  private leftOpen = 0

  constructor(
    private readonly problem: Problem,
    private readonly deadline: number,
  ) {
    this.n = problem.prices.length
    this.state = new Uint8Array(this.n)
    this.share = new Float64Array(this.n)
    this.credit = new Float64Array(this.n)
  }

  best(): { chosen: number[]; spend: number; value: number } {
    return { chosen: this.bestSet, spend: this.bestSpend, value: this.bestValue }
  }

  /** Takes a choice as the best so far when it is: more value, or the same for less money. */
  offer(chosen: readonly number[]): void {
    const { prices, aims, budget } = this.problem
    const held = new Set(chosen)
    const value = aims.reduce((s, a) => s + (a.sets.some(t => t.every(j => held.has(j))) ? a.weight : 0), 0)
    const spend = [...held].reduce((s, j) => s + prices[j]!, 0)
    if (spend > budget + SAME) return
    if (value > this.bestValue + SAME || (value > this.bestValue - SAME && spend < this.bestSpend - SAME)) {
      this.bestSet = [...held].sort((x, y) => x - y)
      this.bestValue = value
      this.bestSpend = spend
    }
  }

  /** Runs the search and returns an upper bound of every choice's value. */
  explore(): number {
    this.node(this.problem.aims, 0, 0)
    return Math.max(this.bestValue, this.leftOpen)
  }

  private outOfTime(): boolean {
    if (!this.stopped && performance.now() > this.deadline) this.stopped = true
    return this.stopped
  }

  /**
   * @param open the aims that are neither met nor out of reach above this node
   * @param value weight of the aims met so far
   */
  private node(open: readonly Aim[], value: number, spend: number): void {
    const left = this.problem.budget - spend
    const still: Aim[] = []
    for (const aim of open) {
      const sets = this.possible(aim, left)
      if (sets === 'met') value += aim.weight
      else if (sets.length > 0) still.push({ weight: aim.weight, sets })
    }
    if (value > this.bestValue + SAME || (value > this.bestValue - SAME && spend < this.bestSpend - SAME)) {
      this.bestSet = this.taken()
      this.bestValue = value
      this.bestSpend = spend
    }
    if (still.length === 0) return
    const { bound, branch } = this.bound(still, value, left)
    if (this.hopeless(bound, spend)) return
    if (this.outOfTime()) {
      this.leftOpen = Math.max(this.leftOpen, bound)
      return
    }
    const price = this.problem.prices[branch]!
    this.state[branch] = TAKEN
    this.node(still, value, spend + price)
    this.state[branch] = LEFT
    this.node(still, value, spend)
    this.state[branch] = OPEN
  }

  /** No better value can come, and the same value not for less. */
  private hopeless(bound: number, spend: number): boolean {
    if (bound > this.bestValue + SAME) return false
    return bound < this.bestValue - SAME || spend >= this.bestSpend - SAME
  }

  private taken(): number[] {
    return Array.from(this.state.keys()).filter(i => this.state[i] === TAKEN)
  }

  /** The sets of an aim that can still be completed with the money left; the nodes below look at no others. */
  private possible(aim: Aim, left: number): 'met' | (readonly number[])[] {
    const sets: (readonly number[])[] = []
    for (const set of aim.sets) {
      let cost = 0
      let missing = 0
      for (const j of set) {
        const s = this.state[j]!
        if (s === LEFT) {
          missing = -1
          break
        }
        if (s === OPEN) {
          cost += this.problem.prices[j]!
          missing++
        }
      }
      if (missing === 0) return 'met'
      if (missing > 0 && cost <= left + SAME) sets.push(set)
    }
    return sets
  }

  /**
   * Upper bound of the value below a node, and the item to branch on.
   *
   * First relaxation: every aim that could be met alone with the money left is met. Second: when an aim is met through
   * a set with k items still to buy, credit each of them with weight/k. An item's credit is then at most
   * Σ weight / (its smallest such k) over the aims it can help, and what the money left can collect of credit is at most the
   * fractional knapsack over items.
   */
  private bound(still: readonly Aim[], value: number, left: number): { bound: number; branch: number } {
    const { prices } = this.problem
    this.credit.fill(0)
    let all = value
    for (const aim of still) {
      all += aim.weight
      this.creditAim(aim)
    }
    const open: number[] = []
    for (let j = 0; j < this.n; j++) if (this.credit[j]! > 0) open.push(j)
    open.sort((x, y) => this.credit[y]! * Math.max(prices[x]!, SAME) - this.credit[x]! * Math.max(prices[y]!, SAME))
    let money = left
    let knapsack = value
    for (const j of open) {
      const price = prices[j]!
      if (price <= money) {
        knapsack += this.credit[j]!
        money -= price
      } else {
        knapsack += (this.credit[j]! * Math.max(0, money)) / price
        break
      }
    }
    let branch = open[0]!
    for (const j of open) if (this.credit[j]! > this.credit[branch]!) branch = j
    return { bound: Math.min(all, knapsack), branch }
  }

  /** Adds to every open item that can help the aim its largest possible share of the aim's weight. */
  private creditAim(aim: Aim): void {
    const touched: number[] = []
    for (const set of aim.sets) {
      let missing = 0
      for (const j of set) if (this.state[j] === OPEN) missing++
      const part = aim.weight / missing
      for (const j of set) {
        if (this.state[j] !== OPEN) continue
        if (this.share[j] === 0) touched.push(j)
        if (part > this.share[j]!) this.share[j] = part
      }
    }
    for (const j of touched) {
      this.credit[j]! += this.share[j]!
      this.share[j] = 0
    }
  }
}
