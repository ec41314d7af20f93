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

export function proved(mirror: Mirror, { best: given, due, found }: Proving): Proof {
  const { ops, faces, lead, artists, stations, changeover } = mirror
  const network = new Network(mirror)
  const artistOf = faces.map(f => (f.artists.length === 1 ? f.artists[0]! : -1))
  if (artists === 1) artistOf.fill(0)
  const hairFirst = faces.map(f => f.hairFirst as number)
  let best = given
  let limit = given.makespan
  let stopped = false
  let open = Infinity
  network.limit = limit

  const heads = faces.flatMap(f => (f.hair < 0 ? [] : [f.hair]))
  const alike = artistsAlike(mirror)

  const record = () => {
    let makespan = 0
    for (let op = 0; op < ops.length; op++) makespan = Math.max(makespan, network.starts[op]! + ops[op]!.minutes)
    if (makespan >= limit) return
    limit = makespan
    network.limit = limit
    best = { makespan, starts: network.starts.slice(), artistOf: [...artistOf] }
    found?.(best)
  }
  const orderOf = (u: number, v: number, weight: number, hair?: Order['hair']): Order => ({
    u,
    v,
    weight,
    bound: Math.max(network.starts[u]! + weight, network.starts[v]!) + network.tails[v]!,
    ...(hair ? { hair } : {}),
  })

  /** Two ops at once that must not be: the ways out of it. The tightest one is decided first. */
  const conflict = (): Order[] | null => {
    let tightest: Order[] | null = null
    let tight = -1
    const consider = (ways: Order[]) => {
      const bounds = ways.map(w => w.bound).sort((x, y) => x - y)
      const how = bounds[0]! * 4096 + Math.min(4095, (bounds[1] ?? Infinity) - bounds[0]!)
      if (how <= tight) return
      tight = how
      tightest = ways
    }
    const { starts } = network
    for (let f = 0; f < faces.length; f++) {
      const { chain, hair } = faces[f]!
      if (hair >= 0 && hairFirst[f] === 0) {
        const [from, to] = [chain[0]!, chain.at(-1)!]
        const ends = starts[to]! + ops[to]!.minutes
        const hairEnds = starts[hair]! + ops[hair]!.minutes
        // Decided only where they are at the same time: apart they are as they lie.
        if (starts[hair]! < ends && starts[from]! < hairEnds)
          consider([
            orderOf(hair, from, ops[hair]!.minutes, { face: f, first: true }),
            orderOf(to, hair, ops[to]!.minutes, { face: f, first: false }),
          ])
      }
      if (artistOf[f]! < 0) continue
      for (let g = f + 1; g < faces.length; g++) {
        if (artistOf[g] !== artistOf[f]) continue
        for (const a of chain)
          for (const b of faces[g]!.chain) {
            const [needA, needB] = [ops[a]!.minutes + changeover, ops[b]!.minutes + changeover]
            if (starts[a]! + needA <= starts[b]! || starts[b]! + needB <= starts[a]!) continue
            consider([orderOf(a, b, needA), orderOf(b, a, needB)])
          }
      }
    }
    for (const crowd of crowds(heads, ops, starts, stations))
      consider(crowd.flatMap(a => crowd.filter(b => b !== a).map(b => orderOf(a, b, ops[a]!.minutes))))
    return tightest
  }

  const decide = (order: Order): boolean => {
    if (order.hair) hairFirst[order.hair.face] = order.hair.first ? 1 : -1
    return network.order(order.u, order.v, order.weight)
  }
  const branch = (ways: readonly { bound: number; take: () => boolean; leave?: () => void }[], bound: number) => {
    for (const way of ways) {
      const least = Math.max(bound, way.bound)
      if (least >= limit) continue
      if (stopped) {
        open = Math.min(open, least)
        continue
      }
      const mark = network.mark()
      if (way.take()) search(least)
      network.back(mark)
      way.leave?.()
    }
  }

  const search = (above: number): void => {
    const bound = Math.max(above, boundOf(mirror, network, artistOf))
    if (bound >= limit) return
    if (stopped || due()) {
      stopped = true
      open = Math.min(open, bound)
      return
    }
    const ways = conflict()
    if (ways) {
      ways.sort((x, y) => x.bound - y.bound)
      branch(
        ways.map(way => ({
          bound: way.bound,
          take: () => decide(way),
          leave: () => {
            if (way.hair) hairFirst[way.hair.face] = 0
          },
        })),
        bound,
      )
      return
    }
    const face = nextToAssign()
    if (face >= 0) {
      branch(
        candidates(face).map(artist => ({
          bound,
          take: () => {
            artistOf[face] = artist
            return true
          },
          leave: () => {
            artistOf[face] = -1
          },
        })),
        bound,
      )
      return
    }
    const tied = unled()
    if (tied) branch(tied, bound)
    else record()
  }

  /** Of those nobody does yet whoever could begin first, the longest of them. */
  const nextToAssign = (): number => {
    let next = -1
    for (let f = 0; f < faces.length; f++) {
      if (artistOf[f]! >= 0) continue
      const [x, y] = [faces[f]!, faces[next]]
      const begins = (face: typeof x) => network.starts[face.chain[0]!]!
      if (!y || begins(x) < begins(y) || (begins(x) === begins(y) && x.span > y.span)) next = f
    }
    return next
  }
  /** Artists for a face, the least busy first; of those who are alike and have nothing to do yet only one. */
  const candidates = (face: number): number[] => {
    const busy = Array.from({ length: artists }, () => 0)
    for (const [f, a] of artistOf.entries()) if (a >= 0) busy[a]! += faces[f]!.span + changeover
    const idle = new Set<number>()
    return faces[face]!.artists.filter(a => {
      if (busy[a]! > 0) return true
      if (idle.has(alike[a]!)) return false
      idle.add(alike[a]!)
      return true
    }).sort((x, y) => busy[x]! - busy[y]!)
  }
  /** Where nobody leaves the chair before the lead: whoever might. */
  const unled = () => {
    if (lead < 0) return null
    const first = faces[lead]!.leaves
    const others = faces.flatMap((f, i) => (i === lead || i === later ? [] : [f.leaves]))
    if (others.some(op => network.starts[op]! > network.starts[first]!)) return null
    return others.map(op => ({ bound: 0, take: () => network.order(first, op, 1) }))
  }

  /** Decides that this one leaves after the lead, and nobody else; false where no plan below the best one can come of it. */
  const ledBy = (f: number): boolean => {
    const { leaves: first, look } = faces[lead]!
    if (look >= 0 && !network.order(look, faces[f]!.leaves, ops[look]!.minutes)) return false
    if (!network.order(faces[f]!.leaves, first, 1)) return false
    return faces.every((other, i) => i === f || i === lead || network.order(first, other.leaves, 0))
  }
  let later = -1
  const root = boundOf(mirror, network, artistOf, true)
  if (lead < 0) search(root)
  else {
    // The one who leaves after the lead is chosen first: it decides most.
    const ways = faces.flatMap((face, f) => {
      if (f === lead) return []
      if (due()) return [{ f, bound: root, release: face.release }]
      const mark = network.mark()
      const fits = ledBy(f)
      const bound = fits ? boundOf(mirror, network, artistOf, faces.length <= FEW) : Infinity
      network.back(mark)
      return [{ f, bound, release: face.release }]
    })
    ways.sort((x, y) => x.bound - y.bound || x.release - y.release)
    branch(
      ways.map(({ f, bound }) => ({
        bound,
        take: () => {
          later = f
          return ledBy(f)
        },
      })),
      root,
    )
  }
  const bound = stopped ? Math.min(open, limit) : limit
  return { best, bound: Math.max(root, bound), proven: !stopped || bound >= limit }
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
