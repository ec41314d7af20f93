import type { Mirror } from './mirror'
import type { Network } from './network'

/* What no order can undercut: work that has to go through one artist, or through several, takes its time. */

/** Work on a machine: not before `head`, and `tail` after it. */
export interface Task {
  head: number
  minutes: number
  tail: number
}

/** The least makespan on one machine where work may be interrupted: always what has most to come after it (Jackson). */
export function onOneMachine(tasks: readonly Task[]): number {
  const byHead = [...tasks].sort((x, y) => x.head - y.head)
  const left = byHead.map(t => t.minutes)
  let now = 0
  let next = 0
  let makespan = 0
  const ready: number[] = []
  while (next < byHead.length || ready.length > 0) {
    if (ready.length === 0) now = Math.max(now, byHead[next]!.head)
    while (next < byHead.length && byHead[next]!.head <= now) ready.push(next++)
    let longest = 0
    for (let i = 1; i < ready.length; i++) if (byHead[ready[i]!]!.tail > byHead[ready[longest]!]!.tail) longest = i
    const task = ready[longest]!
    const until = next < byHead.length ? Math.min(now + left[task]!, byHead[next]!.head) : now + left[task]!
    left[task]! -= until - now
    now = until
    if (left[task] === 0) {
      makespan = Math.max(makespan, now + byHead[task]!.tail)
      ready.splice(longest, 1)
    }
  }
  return makespan
}

/** The least makespan on several machines, by how much work there is among what begins late and has much to come. */
export function onMachines(machines: number, tasks: readonly Task[], thorough: boolean): number {
  if (machines === 1) return onOneMachine(tasks)
  let bound = tasks.reduce((most, t) => Math.max(most, t.head + t.minutes + t.tail), 0)
  const tails = thorough ? [...new Set(tasks.map(t => t.tail))] : [0]
  const byHead = [...tasks].sort((x, y) => y.head - x.head)
  for (const least of tails) {
    const some = byHead.filter(t => t.tail >= least)
    bound = Math.max(bound, packed(machines, some))
  }
  return bound
}

/** Over tasks that are sorted by head, the latest first: of each so many first ones, their work spread evenly. */
function packed(machines: number, byHead: readonly Task[]): number {
  let bound = 0
  let work = 0
  const shortest: number[] = []
  for (const [i, task] of byHead.entries()) {
    work += task.minutes
    shortest.push(task.tail)
    shortest.sort((x, y) => x - y)
    if (shortest.length > machines) shortest.pop()
    if (i + 1 < machines || byHead[i + 1]?.head === task.head) continue
    // The heads of the last ones are the smallest.
    let ends = 0
    for (let m = 0; m < machines; m++) ends += byHead[i - m]!.head + shortest[m]!
    bound = Math.max(bound, Math.ceil((work + ends) / machines))
  }
  return bound
}

/**
 * The work of an artist as tasks: each longer by what lies after it in any order. Everything ends a changeover later than it does, so the
 * changeover is taken off the bound.
 */
const taskOf = ({ ops, changeover, after }: Mirror, { starts, tails }: Network, op: number): Task => {
  const { minutes } = ops[op]!
  return { head: starts[op]!, minutes: minutes + after[op]!, tail: tails[op]! - minutes + changeover - after[op]! }
}

/**
 * No plan within the decisions of the network has a smaller makespan.
 * @param artistOf who does each face, −1 while nobody does
 * @param thorough takes longer and may find more
 */
export function boundOf(mirror: Mirror, network: Network, artistOf: readonly number[], thorough = false): number {
  const { ops, faces, changeover, artists, stations } = mirror
  const { starts, tails } = network
  let bound = 0
  for (let op = 0; op < ops.length; op++) bound = Math.max(bound, starts[op]! + tails[op]!)
  // Hair that may come before or after the chair still takes its time beside it.
  for (const { release, span, hair } of faces)
    if (hair >= 0) bound = Math.max(bound, release + ops[hair]!.minutes + span)
  const tasks: Task[][] = Array.from({ length: artists }, () => [])
  const all: Task[] = []
  const groups = new Map<string, { of: readonly number[]; tasks: Task[] }>()
  for (const [f, face] of faces.entries())
    for (const op of face.chain) {
      const task = taskOf(mirror, network, op)
      all.push(task)
      const artist = artistOf[f]! >= 0 ? artistOf[f]! : face.artists.length === 1 ? face.artists[0]! : -1
      if (artist >= 0) tasks[artist]!.push(task)
      else if (face.artists.length < artists) {
        const key = face.artists.join()
        const group = groups.get(key) ?? { of: face.artists, tasks: [] }
        group.tasks.push(task)
        groups.set(key, group)
      }
    }
  for (const some of tasks) if (some.length > 0) bound = Math.max(bound, onOneMachine(some) - changeover)
  if (artists > 1) bound = Math.max(bound, onMachines(artists, all, thorough) - changeover)
  for (const { of, tasks } of groups.values())
    bound = Math.max(bound, onMachines(of.length, tasks, thorough) - changeover)
  const hair = faces.flatMap(({ hair }) =>
    hair < 0 ? [] : [{ head: starts[hair]!, minutes: ops[hair]!.minutes, tail: tails[hair]! - ops[hair]!.minutes }],
  )
  return hair.length > 0 ? Math.max(bound, onMachines(stations, hair, thorough)) : bound
}
