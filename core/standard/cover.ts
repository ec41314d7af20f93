import type { Due } from '../due'

/* The cheapest choice of things that does everything that is asked, exact: a cover with several ways, and with numbers. */

/** One way to serve a point: all of these things together, for so much of it. */
export interface Way {
  things: readonly number[]
  gives: number
}

/** Something to be served: the ways that are wholly chosen must give as much as is needed. */
export interface Point {
  need: number
  ways: readonly Way[]
}

export interface Cover {
  /** Things, ascending. */
  chosen: number[]
  cost: number
  /** No choice costs less. */
  bound: number
  optimal: boolean
}

const SAME = 1e-9

/** What the ways give that are wholly among these things. */
export const servedBy = (point: Point, has: (thing: number) => boolean): number =>
  point.ways.reduce((sum, way) => sum + (way.things.every(has) ? way.gives : 0), 0)

export const isServed = (point: Point, has: (thing: number) => boolean): boolean =>
  servedBy(point, has) >= point.need - SAME

/** Points that share a thing, directly or through others, are one problem; those that share none are apart. */
function apart(points: readonly Point[]): Point[][] {
  const root = new Map<number, number>()
  const find = (x: number): number => {
    const up = root.get(x) ?? x
    if (up === x) return x
    const top = find(up)
    root.set(x, top)
    return top
  }
  for (const { ways } of points) {
    const [first, ...rest] = ways.flatMap(w => w.things)
    if (first !== undefined) for (const thing of rest) root.set(find(thing), find(first))
  }
  const groups = new Map<number, Point[]>()
  for (const point of points) {
    const first = point.ways[0]?.things[0]
    if (first === undefined) continue
    const key = find(first)
    groups.set(key, [...(groups.get(key) ?? []), point])
  }
  return [...groups.values()]
}

/**
 * The cheapest things that serve every point.
 * @param cost of each thing, 0 or more
 * @param due the search ends with what it has and a bound when this says so
 * @returns null where all things together do not serve every point
 */
export function cheapestCover(cost: ArrayLike<number>, points: readonly Point[], due?: Due): Cover | null {
  const asked = points.filter(p => p.need > SAME)
  if (asked.some(p => !isServed(p, () => true))) return null
  const parts = apart(asked).map(group => coverOf(cost, group, due))
  return {
    chosen: parts.flatMap(p => p.chosen).sort((x, y) => x - y),
    cost: parts.reduce((sum, p) => sum + p.cost, 0),
    bound: parts.reduce((sum, p) => sum + p.bound, 0),
    optimal: parts.every(p => p.optimal),
  }
}

const OPEN = 0
const IN = 1
const OUT = 2

/** Points without those that another one asks for anyway. */
function withoutImplied(points: readonly Point[]): Point[] {
  const key = (w: Way) => [...w.things].sort((x, y) => x - y).join()
  const seen = new Set<string>()
  const once = points.filter(p => {
    const print = `${p.need} ${p.ways
      .map(w => `${key(w)}:${w.gives}`)
      .sort()
      .join(';')}`
    if (seen.has(print)) return false
    seen.add(print)
    return true
  })
  const single = once.map(p => (p.need <= 1 && p.ways.every(w => w.gives >= 1) ? new Set(p.ways.map(key)) : null))
  // Whoever has one of few ways has one of more.
  return once.filter(
    (_, i) =>
      !single[i]
      || !single.some(
        (few, k) => few && k !== i && few.size < single[i]!.size && [...few].every(w => single[i]!.has(w)),
      ),
  )
}

/** Branch and bound over one connected part. */
function coverOf(cost: ArrayLike<number>, all: readonly Point[], due?: Due): Cover {
  const points = withoutImplied(all)
  const things = [...new Set(points.flatMap(p => p.ways.flatMap(w => [...w.things])))]
  const most = Math.max(...things) + 1
  const state = new Uint8Array(most)
  for (const thing of dominated(cost, points, things)) state[thing] = OUT

  let best = cheapFirst(cost, points, state)
  let bestCost = totalOf(best, cost)
  let spent = 0
  let stopped = false
  let open = Infinity

  const set = (thing: number, to: number, trail: number[]) => {
    state[thing] = to
    if (to === IN) spent += cost[thing]!
    trail.push(thing)
  }
  const undo = (trail: readonly number[]) => {
    for (const thing of trail) {
      if (state[thing] === IN) spent -= cost[thing]!
      state[thing] = OPEN
    }
  }

  /** Takes what must be taken; false where a point cannot be served any more. */
  const propagate = (trail: number[]): boolean => {
    for (let again = true; again;) {
      again = false
      for (const { need, ways } of points) {
        let served = 0
        let within = 0
        for (const way of ways) {
          const left = leftOf(way, state)
          if (left < 0) continue
          within += way.gives
          if (left === 0) served += way.gives
        }
        if (served >= need - SAME) continue
        if (within < need - SAME) return false
        for (const way of ways) {
          if (leftOf(way, state) <= 0 || within - way.gives >= need - SAME) continue
          for (const thing of way.things)
            if (state[thing] === OPEN) {
              set(thing, IN, trail)
              again = true
            }
        }
      }
    }
    return true
  }

  const search = (): void => {
    if (stopped) return
    if (due?.()) {
      stopped = true
      open = Math.min(open, spent)
      return
    }
    const trail: number[] = []
    if (propagate(trail)) {
      const bound = spent + leastFor(points, state, cost)
      if (bound < bestCost - SAME) {
        const thing = branchOn(points, state, cost)
        if (thing < 0) {
          best = things.filter(t => state[t] === IN)
          bestCost = spent
        } else {
          for (const to of [IN, OUT]) {
            const step: number[] = []
            set(thing, to, step)
            search()
            undo(step)
            if (stopped) {
              open = Math.min(open, bound)
              break
            }
          }
        }
      }
    }
    undo(trail)
  }
  search()
  best.sort((x, y) => x - y)
  return { chosen: best, cost: bestCost, bound: stopped ? Math.min(open, bestCost) : bestCost, optimal: !stopped }
}

const totalOf = (things: readonly number[], cost: ArrayLike<number>) => things.reduce((sum, t) => sum + cost[t]!, 0)

/** How many things of a way are not chosen yet; −1 where one of them is out. */
function leftOf({ things }: Way, state: Uint8Array): number {
  let left = 0
  for (const thing of things) {
    if (state[thing] === OUT) return -1
    if (state[thing] === OPEN) left++
  }
  return left
}

/** Things that another serves at least as well everywhere, at no higher cost; of equals the first stays. */
function dominated(cost: ArrayLike<number>, points: readonly Point[], things: readonly number[]): number[] {
  const serves = new Map<number, Map<number, number>>(things.map(t => [t, new Map<number, number>()]))
  const inCompany = new Set<number>()
  for (const [i, { ways }] of points.entries())
    for (const way of ways) {
      if (way.things.length > 1) for (const t of way.things) inCompany.add(t)
      else {
        const of = serves.get(way.things[0]!)!
        of.set(i, (of.get(i) ?? 0) + way.gives)
      }
    }
  const alone = things.filter(t => !inCompany.has(t))
  const needs = points.map(p => p.need)
  // Where more than one is needed, the second is not replaced by the first.
  const isOfOne = (t: number) => [...serves.get(t)!].every(([i, gives]) => needs[i]! <= gives + SAME)
  const out = new Set<number>()
  for (const t of alone.filter(isOfOne))
    for (const other of things) {
      if (other === t || out.has(other)) continue
      const mine = serves.get(t)!
      const theirs = serves.get(other)!
      const covers = [...mine.keys()].every(i => (theirs.get(i) ?? 0) >= needs[i]! - SAME)
      if (!covers || cost[other]! > cost[t]! + SAME) continue
      const equal = cost[other] === cost[t] && theirs.size === mine.size
      if (equal && other > t) continue
      out.add(t)
      break
    }
  return [...out]
}

/** A good choice to begin with: what serves most for its cost, then what turns out needless is put back. */
function cheapFirst(cost: ArrayLike<number>, points: readonly Point[], state: Uint8Array): number[] {
  const chosen = new Set<number>()
  const has = (t: number) => chosen.has(t)
  for (const point of points) {
    while (!isServed(point, has)) {
      const ways = point.ways.filter(w => leftOf(w, state) >= 0 && !w.things.every(has))
      const priced = ways.map(w => ({
        w,
        price: w.things.reduce((sum, t) => sum + (has(t) ? 0 : cost[t]!), 0) / w.gives,
      }))
      const cheapest = priced.reduce((x, y) => (y.price < x.price ? y : x))
      for (const t of cheapest.w.things) chosen.add(t)
    }
  }
  for (const t of [...chosen].sort((x, y) => cost[y]! - cost[x]!)) {
    chosen.delete(t)
    if (points.some(p => !isServed(p, has))) chosen.add(t)
  }
  return [...chosen]
}

/** The least that a point costs on top of what is chosen: its cheapest ways, as if they could be had in parts. */
function leastOf({ need, ways }: Point, state: Uint8Array, cost: ArrayLike<number>): number {
  let missing = need
  const priced: { price: number; gives: number }[] = []
  for (const way of ways) {
    const left = leftOf(way, state)
    if (left < 0) continue
    if (left === 0) {
      missing -= way.gives
      continue
    }
    let price = 0
    for (const t of way.things) if (state[t] === OPEN) price += cost[t]!
    priced.push({ price, gives: way.gives })
  }
  if (missing <= SAME) return 0
  if (missing <= 1 + SAME && priced.every(p => p.gives >= missing - SAME)) return Math.min(...priced.map(p => p.price))
  priced.sort((x, y) => x.price / x.gives - y.price / y.gives)
  let least = 0
  for (const { price, gives } of priced) {
    if (missing <= SAME) break
    const part = Math.min(gives, missing)
    // Ways that share a thing would be priced twice: only singles are added up.
    least += (price * part) / gives
    missing -= part
  }
  return ways.every(w => w.things.length === 1) ? least : Math.min(...priced.map(p => p.price))
}

/** What is still to be paid at least: points that share nothing open add up. */
function leastFor(points: readonly Point[], state: Uint8Array, cost: ArrayLike<number>): number {
  const priced = points.map(point => ({ point, least: leastOf(point, state, cost) })).filter(p => p.least > SAME)
  priced.sort((x, y) => y.least / size(y.point) - x.least / size(x.point))
  const taken = new Set<number>()
  let total = 0
  for (const { point, least } of priced) {
    const open = point.ways.flatMap(w => (leftOf(w, state) > 0 ? w.things.filter(t => state[t] === OPEN) : []))
    if (open.some(t => taken.has(t))) continue
    for (const t of open) taken.add(t)
    total += least
  }
  return total
}
const size = (point: Point) => point.ways.length

/** The thing to decide next: of the point with the fewest ways left, the one of its cheapest way; −1 where all is served. */
function branchOn(points: readonly Point[], state: Uint8Array, cost: ArrayLike<number>): number {
  let fewest = Infinity
  let next = -1
  for (const point of points) {
    if (isServed(point, t => state[t] === IN)) continue
    const ways = point.ways.filter(w => leftOf(w, state) > 0)
    if (ways.length >= fewest) continue
    fewest = ways.length
    const priced = ways.map(w => w.things.reduce((sum, t) => sum + (state[t] === OPEN ? cost[t]! : 0), 0))
    const cheapest = ways[priced.indexOf(Math.min(...priced))]!
    next = cheapest.things.find(t => state[t] === OPEN)!
  }
  return next
}
