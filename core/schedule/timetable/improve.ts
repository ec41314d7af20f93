import type { Due } from '../../due'
import { copyOf, Timing, type Arrangement } from './arrange'
import type { Mirror } from './mirror'

/* A good plan in little time: annealing over who does what after what. */

/** Numbers from 0 to 1, the same each time (mulberry32). */
function repeatable(seed: number): () => number {
  let a = seed >>> 0
  return () => {
    a = (a + 0x6d2b79f5) >>> 0
    let t = Math.imul(a ^ (a >>> 15), 1 | a)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

export interface Improving {
  /** A plan of this makespan is the best there is. */
  bound: number
  /** So many changes are tried. */
  tries: number
  due: Due
  /** Called with each better plan. */
  found?: (arrangement: Arrangement, makespan: number) => void
}

// Minutes by which a plan may get worse at first, and at the end.
const [HOT, COLD] = [12, 0.3]
/** Of a small morning sixty-four are tried between two looks at the clock, of a large one fewer. */
const triesBetweenLooks = ({ ops }: Mirror) => Math.max(1, Math.min(64, Math.floor(4096 / ops.length)))

/** The best arrangement that was found from one that is a plan. */
export function improved(mirror: Mirror, from: Arrangement, { bound, tries, due, found }: Improving): Arrangement {
  const timing = new Timing(mirror)
  const random = repeatable(20_260_724)
  const look = triesBetweenLooks(mirror)
  let now = from
  let cost = timing.of(from) + timing.ease * 0.001
  let best = from
  let least = timing.of(from)
  for (let i = 0; i < tries && least > bound; i++) {
    if (i % look === 0 && due()) break
    const heat = HOT * (COLD / HOT) ** (i / tries)
    const tried = changed(mirror, now, random)
    if (!tried) continue
    const makespan = timing.of(tried)
    if (makespan === Infinity) continue
    const costs = makespan + timing.ease * 0.001
    if (costs > cost && random() >= Math.exp((cost - costs) / heat)) continue
    now = tried
    cost = costs
    if (makespan < least) {
      least = makespan
      best = tried
      found?.(tried, makespan)
    }
  }
  return best
}

/** One change of an arrangement; null where it came to nothing. */
function changed(mirror: Mirror, from: Arrangement, random: () => number): Arrangement | null {
  const { faces, ops, lead } = mirror
  const some = (n: number) => Math.floor(random() * n)
  const to = copyOf(from)
  const kind = random()
  if (kind < 0.3) {
    // One block elsewhere in its chair's order.
    const chair = to.chairs[some(to.chairs.length)]!
    if (chair.length < 2) return null
    const [op] = chair.splice(some(chair.length), 1)
    chair.splice(some(chair.length + 1), 0, op!)
    return to
  }
  if (kind < 0.62) {
    // A whole face elsewhere, perhaps with another artist.
    const f = some(faces.length)
    const { artists, chain } = faces[f]!
    for (const [a, chair] of to.chairs.entries()) to.chairs[a] = chair.filter(op => ops[op]!.face !== f)
    const chair = to.chairs[artists[some(artists.length)]!]!
    chair.splice(some(chair.length + 1), 0, ...chain)
    return to
  }
  if (kind < 0.8) {
    // Two faces take each other's places.
    const [f, g] = [some(faces.length), some(faces.length)]
    if (f === g) return null
    const places = (face: number) => to.chairs.findIndex(c => c.some(op => ops[op]!.face === face))
    const [a, b] = [places(f), places(g)]
    if (!faces[f]!.artists.includes(b) || !faces[g]!.artists.includes(a)) return null
    const at = (chair: readonly number[], face: number) => chair.findIndex(op => ops[op]!.face === face)
    const swap = (chair: readonly number[]) => {
      const [i, k] = [at(chair, f), at(chair, g)]
      return chair.flatMap((op, p) => {
        const face = ops[op]!.face
        const others = p === i ? faces[g]!.chain : p === k ? faces[f]!.chain : null
        return others ? [...others] : face === f || face === g ? [] : [op]
      })
    }
    to.chairs[a] = swap(to.chairs[a]!)
    if (a !== b) to.chairs[b] = swap(to.chairs[b]!)
    return to
  }
  if (kind < 0.94 || lead < 0) {
    // A head of hair elsewhere, before the chair or after it.
    const withHair = to.stations.flat()
    if (withHair.length === 0) return null
    const hair = withHair[some(withHair.length)]!
    const { face } = ops[hair]!
    if (faces[face]!.hairFirst === 0 && random() < 0.4) to.hairFirst[face] = !to.hairFirst[face]
    for (const [s, station] of to.stations.entries()) to.stations[s] = station.filter(op => op !== hair)
    const station = to.stations[some(to.stations.length)]!
    station.splice(some(station.length + 1), 0, hair)
    return to
  }
  const later = some(faces.length)
  if (later === lead || later === to.later) return null
  to.later = later
  // It goes to the front of its chair: nothing else can begin before the lead.
  for (const [a, chair] of to.chairs.entries())
    if (chair.some(op => ops[op]!.face === later))
      to.chairs[a] = [...faces[later]!.chain, ...chair.filter(op => ops[op]!.face !== later)]
  return to
}
