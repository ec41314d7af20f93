import type { Mirror, MirrorPlan } from './mirror'
import { orderArcs } from './network'

/* A plan as orders: who does what after what. When things begin follows from them. */

export interface Arrangement {
  /** Of each artist the ops in their order. */
  chairs: number[][]
  /** Of each station the heads of hair in their order. */
  stations: number[][]
  /** Of each face whether its hair comes before its chain. */
  hairFirst: boolean[]
  /** The one face that begins its chain before the lead (in the morning: ends after it), −1 where there is no such rule. */
  later: number
}

export const copyOf = ({ chairs, stations, hairFirst, later }: Arrangement): Arrangement => ({
  chairs: chairs.map(c => [...c]),
  stations: stations.map(s => [...s]),
  hairFirst: [...hairFirst],
  later,
})

/** Whoever does each face. */
export function artistsOf({ ops, faces }: Mirror, { chairs }: Arrangement): number[] {
  const artistOf = faces.map(() => -1)
  for (const [artist, chair] of chairs.entries()) for (const op of chair) artistOf[ops[op]!.face] = artist
  return artistOf
}

/** One face after another, in some order, with nothing at the same time: always a plan. */
export function oneByOne(mirror: Mirror, order: readonly number[]): Arrangement {
  const { faces, artists, stations, lead } = mirror
  const later = lead < 0 ? -1 : order.find(f => f !== lead)!
  // Only one face lies before the lead here.
  const inOrder = lead < 0 ? order : [later, lead, ...order.filter(f => f !== lead && f !== later)]
  const chairs: number[][] = Array.from({ length: artists }, () => [])
  const busy = chairs.map(() => 0)
  const heads: number[][] = Array.from({ length: stations }, () => [])
  for (const f of inOrder) {
    const { artists: able, chain, hair, span } = faces[f]!
    const artist = able.reduce((best, a) => (busy[a]! < busy[best]! ? a : best))
    busy[artist]! += span
    const looked = f === lead && faces[f]!.look >= 0
    // The lead is looked at once more after everybody: here, before anybody.
    if (looked) chairs[artist]!.unshift(chain[0]!)
    chairs[artist]!.push(...chain.slice(looked ? 1 : 0))
    if (hair >= 0) heads.reduce((few, s) => (s.length < few.length ? s : few)).push(hair)
  }
  return { chairs, stations: heads, hairFirst: faces.map(f => f.hairFirst === 1), later }
}

/**
 * Puts times to arrangements of one morning: everything as early as its orders allow.
 * @returns the makespan, or Infinity where the orders contradict each other; `starts` holds the times
 */
export class Timing {
  readonly starts: Int32Array
  /** When each artist and each station is done, summed: of two equal plans the one that is done sooner leaves more room. */
  ease = 0
  private readonly raised: Int32Array
  private readonly ahead: Int32Array
  private readonly next: Int32Array
  private readonly setup: Int32Array
  /** Of each op the one that may not end before it, and how much later it begins; −1 for none. */
  private readonly behind: Int32Array
  private readonly lag: Int32Array

  constructor(private readonly mirror: Mirror) {
    const n = mirror.ops.length
    this.starts = new Int32Array(n)
    this.raised = new Int32Array(n)
    this.ahead = new Int32Array(n).fill(-1)
    this.next = new Int32Array(n).fill(-1)
    this.setup = new Int32Array(n)
    this.behind = new Int32Array(n).fill(-1)
    this.lag = new Int32Array(n)
    for (const { u, v, weight } of orderArcs(mirror)) {
      this.behind[u] = v
      this.lag[u] = weight
    }
    for (const { chain } of mirror.faces)
      for (let k = 0; k + 1 < chain.length; k++) {
        this.ahead[chain[k + 1]!] = chain[k]!
        this.next[chain[k]!] = chain[k + 1]!
      }
  }

  of({ chairs, stations, hairFirst, later }: Arrangement): number {
    const { mirror, starts, raised, ahead, next, setup, behind, lag } = this
    const { ops, faces, least, most, changeover, lead } = mirror
    for (let op = 0; op < ops.length; op++) starts[op] = faces[ops[op]!.face]!.release
    raised.fill(0)
    const follows = new Int32Array(ops.length).fill(-1)
    for (const chair of chairs)
      for (let i = 0; i + 1 < chair.length; i++) {
        const [u, v] = [chair[i]!, chair[i + 1]!]
        follows[u] = v
        setup[u] = ops[u]!.face === ops[v]!.face ? 0 : changeover
      }
    for (const station of stations)
      for (let i = 0; i + 1 < station.length; i++) {
        follows[station[i]!] = station[i + 1]!
        setup[station[i]!] = 0
      }
    const queue: number[] = ops.map((_, i) => i)
    let impossible = false
    // Longer than this no chain of reasons is, unless it goes round in a circle.
    const rounds = 4 * ops.length + 8
    const raise = (op: number, at: number) => {
      if (at <= starts[op]!) return
      starts[op] = at
      if (++raised[op]! > rounds) impossible = true
      queue.push(op)
    }
    let done = 0
    const follow = () => {
      for (; done < queue.length && !impossible; done++) {
        const u = queue[done]!
        const { minutes, face } = ops[u]!
        const to = starts[u]! + minutes
        const { chain, hair } = faces[face]!
        if (follows[u]! >= 0) raise(follows[u]!, to + setup[u]!)
        if (behind[u]! >= 0) raise(behind[u]!, starts[u]! + lag[u]!)
        if (u === hair) {
          if (hairFirst[face]) raise(chain[0]!, to)
          continue
        }
        if (next[u]! >= 0) raise(next[u]!, to + least[u]!)
        else if (hair >= 0 && !hairFirst[face]) raise(hair, to)
        const before = ahead[u]!
        if (before >= 0) raise(before, starts[u]! - ops[before]!.minutes - most[before]!)
        if (lead < 0) continue
        if (face === lead && u === faces[face]!.look) raise(faces[later]!.leaves, to)
        if (u !== faces[face]!.leaves) continue
        if (face === later) raise(faces[lead]!.leaves, starts[u]! + 1)
        else if (face === lead)
          for (const [f, other] of faces.entries()) if (f !== later && f !== lead) raise(other.leaves, starts[u]!)
      }
    }
    follow()
    if (lead >= 0 && !impossible && !leads(mirror, starts, later)) {
      // Whoever would begin with the lead begins a minute after it.
      const after = faces.findIndex((_, f) => f !== lead && f !== later)
      raise(faces[after]!.leaves, starts[faces[lead]!.leaves]! + 1)
      follow()
    }
    if (impossible || (lead >= 0 && !leads(mirror, starts, later))) return Infinity
    let makespan = 0
    for (let op = 0; op < ops.length; op++) makespan = Math.max(makespan, starts[op]! + ops[op]!.minutes)
    this.ease = 0
    for (const line of [...chairs, ...stations])
      if (line.length > 0) this.ease += starts[line.at(-1)!]! + ops[line.at(-1)!]!.minutes
    return makespan
  }

  plan(arrangement: Arrangement): MirrorPlan {
    const makespan = this.of(arrangement)
    return { makespan, starts: this.starts.slice(), artistOf: artistsOf(this.mirror, arrangement) }
  }
}

/** Whether somebody leaves the chair before the lead does: here, begins after it. */
export const leads = ({ faces, lead }: Mirror, starts: Int32Array, later: number): boolean =>
  faces.some((f, i) => i !== lead && i !== later && starts[f.leaves]! > starts[faces[lead]!.leaves]!)
