import type { Mirror } from './mirror'

/** That faces sit down in a given order: the end of one's chain is no earlier than that of the one before it here. */
export const orderArcs = ({ ops, faces, order }: Mirror): { u: number; v: number; weight: number }[] =>
  (order ?? []).slice(1).map((f, i) => {
    const [u, v] = [faces[order![i]!]!.chain.at(-1)!, faces[f]!.chain.at(-1)!]
    return { u, v, weight: ops[u]!.minutes - ops[v]!.minutes }
  })

/*
 * When each op can begin at the earliest, and how much comes after its beginning at the least, under the orders decided so far. An order is
 * an arc "v begins at least w after u begins"; a gap that may not grow too long is an arc backwards. Both sides are kept up to date arc by
 * arc, and taken back when a decision is.
 */
export class Network {
  /** Earliest start of each op. */
  readonly starts: Int32Array
  /** From the start of each op to the end of everything, at least. */
  readonly tails: Int32Array
  /** A start and its tail have to stay below this together. */
  limit = Infinity

  private readonly out: Int32Array
  private readonly into: Int32Array
  private readonly nextOut: number[] = []
  private readonly nextInto: number[] = []
  private readonly from: number[] = []
  private readonly to: number[] = []
  private readonly weight: number[] = []
  // What was raised, to be taken back: op, what it was; tails as −1 − op.
  private readonly trail: number[] = []
  private readonly queue: number[] = []

  constructor(mirror: Mirror) {
    const { ops, faces, least, most } = mirror
    this.starts = Int32Array.from(ops, o => faces[o.face]!.release)
    this.tails = Int32Array.from(ops, o => o.minutes)
    this.out = new Int32Array(ops.length).fill(-1)
    this.into = new Int32Array(ops.length).fill(-1)
    for (const { chain, hair, hairFirst } of faces) {
      for (let k = 0; k + 1 < chain.length; k++) {
        const [u, v] = [chain[k]!, chain[k + 1]!]
        const { minutes } = ops[u]!
        this.order(u, v, minutes + least[u]!)
        this.order(v, u, -(minutes + most[u]!))
      }
      if (hair >= 0 && hairFirst === 1) this.order(hair, chain[0]!, ops[hair]!.minutes)
      if (hair >= 0 && hairFirst === -1) this.order(chain.at(-1)!, hair, ops[chain.at(-1)!]!.minutes)
    }
    for (const { u, v, weight } of orderArcs(mirror)) this.order(u, v, weight)
  }

  /** A mark to come back to. */
  mark(): { arcs: number; trail: number } {
    return { arcs: this.from.length, trail: this.trail.length }
  }

  back({ arcs, trail }: { arcs: number; trail: number }): void {
    while (this.from.length > arcs) {
      const u = this.from.pop()!
      const v = this.to.pop()!
      this.weight.pop()
      this.out[u] = this.nextOut.pop()!
      this.into[v] = this.nextInto.pop()!
    }
    while (this.trail.length > trail) {
      const was = this.trail.pop()!
      const op = this.trail.pop()!
      if (op >= 0) this.starts[op] = was
      else this.tails[-1 - op] = was
    }
  }

  /** Decides that v begins at least `weight` after u begins; false where the limit cannot be kept then. */
  order(u: number, v: number, weight: number): boolean {
    const arc = this.from.length
    this.from.push(u)
    this.to.push(v)
    this.weight.push(weight)
    this.nextOut.push(this.out[u]!)
    this.nextInto.push(this.into[v]!)
    this.out[u] = arc
    this.into[v] = arc
    return this.raiseStart(v, this.starts[u]! + weight) && this.raiseTail(u, this.tails[v]! + weight)
  }

  /** Everything that follows from an op that begins no earlier than this. */
  raiseStart(op: number, at: number): boolean {
    if (at <= this.starts[op]!) return true
    const { starts, queue, trail } = this
    queue.length = 0
    trail.push(op, starts[op]!)
    starts[op] = at
    queue.push(op)
    for (let i = 0; i < queue.length; i++) {
      const u = queue[i]!
      if (starts[u]! + this.tails[u]! >= this.limit) return false
      for (let arc = this.out[u]!; arc >= 0; arc = this.nextOut[arc]!) {
        const v = this.to[arc]!
        const least = starts[u]! + this.weight[arc]!
        if (least <= starts[v]!) continue
        trail.push(v, starts[v]!)
        starts[v] = least
        queue.push(v)
      }
    }
    return true
  }

  private raiseTail(op: number, to: number): boolean {
    if (to <= this.tails[op]!) return true
    const { tails, queue, trail } = this
    queue.length = 0
    trail.push(-1 - op, tails[op]!)
    tails[op] = to
    queue.push(op)
    for (let i = 0; i < queue.length; i++) {
      const v = queue[i]!
      if (this.starts[v]! + tails[v]! >= this.limit) return false
      for (let arc = this.into[v]!; arc >= 0; arc = this.nextInto[arc]!) {
        const u = this.from[arc]!
        const least = tails[v]! + this.weight[arc]!
        if (least <= tails[u]!) continue
        trail.push(-1 - u, tails[u]!)
        tails[u] = least
        queue.push(u)
      }
    }
    return true
  }
}
