import { dueAfter, type Due } from '../../due'
import { oneByOne, Timing, type Arrangement } from './arrange'
import { boundOf } from './bound'
import { improved } from './improve'
import { mirrored, type Mirror, type MirrorPlan } from './mirror'
import type { Morning, Timetable } from './morning'
import { Network } from './network'
import { proved } from './prove'

export * from './morning'

export interface Solving {
  timeLimitMs: number
  /** The plan so far is returned when this says so. */
  stopped?: Due
  /** Called with each better plan. */
  found?: (timetable: Timetable) => void
}

/*
 * A short look for a good plan, then the proof: a small morning is done with that. A larger one is looked at longer before the proof is
 * tried again. Shares of the time until each ends; tries of a look for each op.
 */
const STAGES = [
  { look: 0.1, tries: 200, prove: 0.3 },
  { look: 0.75, tries: 6000, prove: 1 },
] as const

/** Of more ops than these no proof is tried: one look at all their pairs takes longer than there is time. */
const PROVABLE = 300

/**
 * The latest start of a morning, and whether none can be later. Minutes from midnight.
 * @example a face of 45 minutes, ready by 10:00, after 20 minutes of set-up: start 535 (8:55), proof.optimal
 */
export function timetable(morning: Morning, { timeLimitMs, stopped, found }: Solving): Timetable {
  const mirror = mirrored(morning)
  const nobody = mirror.faces.map(() => -1)
  let bound = boundOf(mirror, new Network(mirror), nobody, true)
  const timing = new Timing(mirror)
  const begun = performance.now()
  const until = (share: number): Due => {
    const due = dueAfter(timeLimitMs * share - (performance.now() - begun))
    return () => due() || stopped?.() === true
  }
  const tell = (plan: MirrorPlan) => found?.(asTold(morning, mirror, plan, bound))
  let arrangement = bestOf(
    mirror,
    orders(mirror).map(order => oneByOne(mirror, order)),
  )
  let best = timing.plan(arrangement)
  tell(best)
  for (const { look, tries, prove } of STAGES) {
    arrangement = improved(mirror, arrangement, {
      bound,
      tries: tries * mirror.ops.length,
      due: until(look),
      found: (better, makespan) => {
        if (makespan < best.makespan) tell(timing.plan(better))
      },
    })
    const looked = timing.plan(arrangement)
    if (looked.makespan < best.makespan) best = looked
    if (best.makespan <= bound) break
    if (mirror.ops.length > PROVABLE) continue
    const proof = proved(mirror, { best, due: until(prove), found: tell })
    best = proof.best
    bound = Math.max(bound, proof.bound)
    if (proof.proven) break
  }
  return asTold(morning, mirror, best, bound)
}

/** Orders to begin with: by when they have to be ready, and by how long they take. */
function orders({ faces, order }: Mirror): number[][] {
  if (order) return [[...order]]
  const all = faces.map((_, f) => f)
  const by = (value: (f: number) => number) => [...all].sort((x, y) => value(x) - value(y) || x - y)
  return [by(f => faces[f]!.release), by(f => faces[f]!.release + faces[f]!.span), by(f => -faces[f]!.span)]
}
function bestOf(mirror: Mirror, arrangements: readonly Arrangement[]): Arrangement {
  const timing = new Timing(mirror)
  const made = arrangements.map(a => ({ a, makespan: timing.of(a) }))
  return made.reduce((x, y) => (y.makespan < x.makespan ? y : x)).a
}

/** A plan in the times of the morning. */
function asTold(morning: Morning, { ops, faces, end }: Mirror, plan: MirrorPlan, bound: number): Timetable {
  const row = (op: number) => ({
    faceId: morning.faces[ops[op]!.face]!.id,
    from: end - plan.starts[op]! - ops[op]!.minutes,
    to: end - plan.starts[op]!,
  })
  const start = end - plan.makespan - morning.setUp
  const heads = faces.flatMap(f => (f.hair < 0 ? [] : [f.hair])).map(row)
  return {
    feasible: start >= 0,
    start,
    rows: faces
      .flatMap((face, f) =>
        face.chain.map(op => ({ ...row(op), artist: morning.artists[plan.artistOf[f]!]!, block: ops[op]!.block })),
      )
      .sort((x, y) => x.from - y.from || x.to - y.to),
    hair: stationed(heads, morning.hairStations),
    proof: { optimal: plan.makespan <= bound, bound: end - Math.min(bound, plan.makespan) - morning.setUp },
  }
}

/** Heads of hair to stations: each to the first one that is free. */
function stationed(heads: readonly { faceId: string; from: number; to: number }[], stations: number) {
  const free = Array.from({ length: stations }, () => -Infinity)
  return [...heads]
    .sort((x, y) => x.from - y.from)
    .map(head => {
      const station = free.findIndex(at => at <= head.from)
      free[station] = head.to
      return { ...head, station }
    })
}
