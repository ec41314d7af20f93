import type { Due } from '../../due'
import { boundOf } from './bound'
import type { Mirror, MirrorPlan } from './mirror'
import { Network } from './network'

/*
 * The best plan, and the proof: whatever could be done at the same time and must not is decided one way and the other, the more pressing
 * first, and given up where no plan below the best one can come of it (branch and bound over orders).
 */

export interface Proving {
  /** The best one so far: only a shorter one counts. */
  best: MirrorPlan
  due: Due
  found?: (plan: MirrorPlan) => void
}
export interface Proof {
  best: MirrorPlan
  /** No plan is shorter. */
  bound: number
  proven: boolean
}

/** One of two orders that exclude each other: v begins at least `weight` after u begins. */
interface Order {
  u: number
  v: number
  weight: number
  /** Of a plan with it, no makespan is less. */
  bound: number
  /** A face whose hair is decided by it, and how. */
  hair?: { face: number; first: boolean }
}

/** Of more faces a thorough bound for each who might leave last takes longer than it is worth. */
const FEW = 20

/** A way to go on from a conflict or a choice that is open. */
interface Way {
  /** Of a plan that goes this way, no makespan is less. */
  bound: number
  /** Takes it; false where no plan below the best one can come of it. */
  take: () => boolean
  /** Puts back what the network does not put back itself. */
  leave?: () => void
}

/**
 * The shortest plan that can be found until the time is over, and whether none is shorter.
 * @param mirror the morning turned round, so that the latest start is the shortest plan
 */
export const proved = (mirror: Mirror, proving: Proving): Proof => new Search(mirror, proving).run()

/** The search itself: what is decided so far, the best plan so far, and the least bound that was left open. */
class Search {
  private readonly network: Network
  /** By face: the artist, −1 while nobody. */
  private readonly artistOf: number[]
  /** By face: 1 where hair comes first, −1 where it comes last, 0 while open. */
  private readonly hairFirst: number[]
  private readonly heads: readonly number[]
  private readonly alike: readonly number[]
  private best: MirrorPlan
  private limit: number
  private stopped = false
  private open = Infinity
  /** The face that leaves after the lead; −1 while open. */
  private later = -1

  constructor(
    private readonly mirror: Mirror,
    private readonly proving: Proving,
  ) {
    const { faces, artists } = mirror
    this.network = new Network(mirror)
    this.artistOf = faces.map(f => (f.artists.length === 1 ? f.artists[0]! : -1))
    if (artists === 1) this.artistOf.fill(0)
    this.hairFirst = faces.map(f => f.hairFirst as number)
    this.heads = faces.flatMap(f => (f.hair < 0 ? [] : [f.hair]))
    this.alike = artistsAlike(mirror)
    this.best = proving.best
    this.limit = proving.best.makespan
    this.network.limit = this.limit
  }

  run(): Proof {
    const { mirror, network, artistOf } = this
    const root = boundOf(mirror, network, artistOf, true)
    if (mirror.lead < 0) this.search(root)
    // Who leaves after the lead is chosen first: it decides most.
    else this.branch(this.waysToLead(root), root)
    const { best, limit, stopped, open } = this
    const bound = stopped ? Math.min(open, limit) : limit
    return { best, bound: Math.max(root, bound), proven: !stopped || bound >= limit }
  }

  private search(above: number): void {
    const bound = Math.max(above, boundOf(this.mirror, this.network, this.artistOf))
    if (bound >= this.limit) return
    if (this.stopped || this.proving.due()) {
      this.stopped = true
      this.open = Math.min(this.open, bound)
      return
    }
    const ways = this.waysOn(bound)
    if (ways) this.branch(ways, bound)
    else this.record()
  }

  private branch(ways: readonly Way[], bound: number): void {
    const { network } = this
    for (const way of ways) {
      const least = Math.max(bound, way.bound)
      if (least >= this.limit) continue
      if (this.stopped) {
        this.open = Math.min(this.open, least)
        continue
      }
      const mark = network.mark()
      if (way.take()) this.search(least)
      network.back(mark)
      way.leave?.()
    }
  }

  /** What is decided next: the tightest conflict, else an artist, else who leaves before the lead; null where all is decided. */
  private waysOn(bound: number): Way[] | null {
    const orders = this.conflict()
    if (orders) return orders.sort((x, y) => x.bound - y.bound).map(order => this.wayOf(order))
    const face = this.nextToAssign()
    return face >= 0 ? this.waysToAssign(face, bound) : this.unled()
  }

  private wayOf(order: Order): Way {
    const { hairFirst, network } = this
    const { hair, bound } = order
    return {
      bound,
      take: () => {
        if (hair) hairFirst[hair.face] = hair.first ? 1 : -1
        return network.order(order.u, order.v, order.weight)
      },
      leave: () => {
        if (hair) hairFirst[hair.face] = 0
      },
    }
  }

  private record(): void {
    const { network, artistOf } = this
    const { ops } = this.mirror
    let makespan = 0
    for (let op = 0; op < ops.length; op++) makespan = Math.max(makespan, network.starts[op]! + ops[op]!.minutes)
    if (makespan >= this.limit) return
    this.limit = makespan
    network.limit = makespan
    this.best = { makespan, starts: network.starts.slice(), artistOf: [...artistOf] }
    this.proving.found?.(this.best)
  }

  private orderOf(u: number, v: number, weight: number, hair?: Order['hair']): Order {
    const { starts, tails } = this.network
    const bound = Math.max(starts[u]! + weight, starts[v]!) + tails[v]!
    return { u, v, weight, bound, ...(hair ? { hair } : {}) }
  }

  /** Two ops at once that must not be: the ways out of it. The tightest conflict is decided first. */
  private conflict(): Order[] | null {
    let tightest: Order[] | null = null
    let tight = -1
    const consider = (ways: Order[]) => {
      const bounds = ways.map(w => w.bound).sort((x, y) => x - y)
      const how = bounds[0]! * 4096 + Math.min(4095, (bounds[1] ?? Infinity) - bounds[0]!)
      if (how <= tight) return
      tight = how
      tightest = ways
    }
    const { mirror, heads, network } = this
    for (let f = 0; f < mirror.faces.length; f++) {
      const hair = this.hairConflict(f)
      if (hair) consider(hair)
      this.chairConflicts(f, consider)
    }
    for (const crowd of crowds(heads, mirror.ops, network.starts, mirror.stations))
      consider(crowd.flatMap(a => crowd.filter(b => b !== a).map(b => this.orderOf(a, b, mirror.ops[a]!.minutes))))
    return tightest
  }

  /** Hair and make-up of one face at the same time; apart they stay as they lie. */
  private hairConflict(f: number): Order[] | null {
    const { ops, faces } = this.mirror
    const { starts } = this.network
    const { chain, hair } = faces[f]!
    if (hair < 0 || this.hairFirst[f] !== 0) return null
    const [from, to] = [chain[0]!, chain.at(-1)!]
    const ends = starts[to]! + ops[to]!.minutes
    const hairEnds = starts[hair]! + ops[hair]!.minutes
    if (starts[hair]! >= ends || starts[from]! >= hairEnds) return null
    return [
      this.orderOf(hair, from, ops[hair]!.minutes, { face: f, first: true }),
      this.orderOf(to, hair, ops[to]!.minutes, { face: f, first: false }),
    ]
  }

  /** Two faces of one artist at the same time. */
  private chairConflicts(f: number, consider: (ways: Order[]) => void): void {
    const { ops, faces, changeover } = this.mirror
    const { starts } = this.network
    const { artistOf } = this
    if (artistOf[f]! < 0) return
    for (let g = f + 1; g < faces.length; g++) {
      if (artistOf[g] !== artistOf[f]) continue
      for (const a of faces[f]!.chain)
        for (const b of faces[g]!.chain) {
          const [needA, needB] = [ops[a]!.minutes + changeover, ops[b]!.minutes + changeover]
          if (starts[a]! + needA <= starts[b]! || starts[b]! + needB <= starts[a]!) continue
          consider([this.orderOf(a, b, needA), this.orderOf(b, a, needB)])
        }
    }
  }

  /** Of the faces without an artist, the one that could begin first; among equals the longest. */
  private nextToAssign(): number {
    const { faces } = this.mirror
    const { starts } = this.network
    let next = -1
    for (let f = 0; f < faces.length; f++) {
      if (this.artistOf[f]! >= 0) continue
      const [x, y] = [faces[f]!, faces[next]]
      const begins = (face: typeof x) => starts[face.chain[0]!]!
      if (!y || begins(x) < begins(y) || (begins(x) === begins(y) && x.span > y.span)) next = f
    }
    return next
  }

  private waysToAssign(face: number, bound: number): Way[] {
    const { artistOf } = this
    return this.candidates(face).map(artist => ({
      bound,
      take: () => {
        artistOf[face] = artist
        return true
      },
      leave: () => {
        artistOf[face] = -1
      },
    }))
  }

  /** Artists for a face, the least busy first; among idle artists who are alike only one. */
  private candidates(face: number): number[] {
    const { artists, faces, changeover } = this.mirror
    const busy = Array.from({ length: artists }, () => 0)
    for (const [f, a] of this.artistOf.entries()) if (a >= 0) busy[a]! += faces[f]!.span + changeover
    const idle = new Set<number>()
    return faces[face]!.artists.filter(a => {
      if (busy[a]! > 0) return true
      if (idle.has(this.alike[a]!)) return false
      idle.add(this.alike[a]!)
      return true
    }).sort((x, y) => busy[x]! - busy[y]!)
  }

  /** Where nobody leaves the chair before the lead: each face that might; null where somebody does. */
  private unled(): Way[] | null {
    const { lead, faces } = this.mirror
    const { network, later } = this
    if (lead < 0) return null
    const first = faces[lead]!.leaves
    const others = faces.flatMap((f, i) => (i === lead || i === later ? [] : [f.leaves]))
    if (others.some(op => network.starts[op]! > network.starts[first]!)) return null
    return others.map(op => ({ bound: 0, take: () => network.order(first, op, 1) }))
  }

  /** Decides that this face leaves after the lead, and no other; false where no plan below the best one can come of it. */
  private ledBy(f: number): boolean {
    const { ops, faces, lead } = this.mirror
    const { network } = this
    const { leaves: first, look } = faces[lead]!
    if (look >= 0 && !network.order(look, faces[f]!.leaves, ops[look]!.minutes)) return false
    if (!network.order(faces[f]!.leaves, first, 1)) return false
    return faces.every((other, i) => i === f || i === lead || network.order(first, other.leaves, 0))
  }

  /** Each face that may leave after the lead, the most promising first. */
  private waysToLead(root: number): Way[] {
    const { mirror, network, artistOf } = this
    const { faces, lead } = mirror
    const ways = faces.flatMap((face, f) => {
      if (f === lead) return []
      if (this.proving.due()) return [{ f, bound: root, release: face.release }]
      const mark = network.mark()
      const fits = this.ledBy(f)
      const bound = fits ? boundOf(mirror, network, artistOf, faces.length <= FEW) : Infinity
      network.back(mark)
      return [{ f, bound, release: face.release }]
    })
    ways.sort((x, y) => x.bound - y.bound || x.release - y.release)
    return ways.map(({ f, bound }) => ({
      bound,
      take: () => {
        this.later = f
        return this.ledBy(f)
      },
    }))
  }
}

/** Artists who may do the same faces, by the first of them. */
function artistsAlike({ artists, faces }: Mirror): number[] {
  const print = (a: number) => faces.map(f => (f.artists.includes(a) ? 1 : 0)).join('')
  const prints = Array.from({ length: artists }, (_, a) => print(a))
  return prints.map(p => prints.indexOf(p))
}

/** More heads of hair at one time than there are stations: so many of them that one has to wait. */
function crowds(heads: readonly number[], ops: Mirror['ops'], starts: Int32Array, stations: number): number[][] {
  const found: number[][] = []
  for (const hair of heads) {
    const at = starts[hair]!
    const here = heads.filter(h => starts[h]! <= at && at < starts[h]! + ops[h]!.minutes)
    if (here.length > stations) found.push([hair, ...here.filter(h => h !== hair)].slice(0, stations + 1))
  }
  return found
}
