import { artistsFor, leadOf, type Block, type Morning, type MorningFace } from './morning'

/*
 * The morning seen from its end. Backwards, "ready by" is a time before which nothing can begin, and starting as late as possible is being
 * done as early as possible: the smallest makespan of a shop whose machines are artists and hair stations. A time t of the morning is
 * `end − t` here, and blocks stand in reverse order.
 */

/** One thing to be done: a block at the chair or a head of hair. */
export interface Op {
  face: number
  minutes: number
  /** Index of the face in the morning as given; −1 for hair. */
  block: number
}

export interface MirrorFace {
  /** Nothing of it begins before. */
  release: number
  /** Ops of its blocks, in mirrored order. */
  chain: readonly number[]
  /** The op by which it leaves the chair: the first of its chain, but for a look before leaving. */
  leaves: number
  /** Its op of that look, −1 for none. */
  look: number
  /** How long its chain takes at the least. */
  span: number
  /** Its op of hair, −1 for none. */
  hair: number
  /** 1: hair before the chain here (after it in the morning); −1: the other way; 0: either. */
  hairFirst: 1 | 0 | -1
  artists: readonly number[]
}

export interface Mirror {
  ops: readonly Op[]
  faces: readonly MirrorFace[]
  artists: number
  stations: number
  changeover: number
  lead: number
  /** Faces in the order they are done with here, which is that of sitting down, from the end; null where any order will do. */
  order: readonly number[] | null
  /** The last time by which anything has to be ready. */
  end: number
  /** Between an op of a chain and the next one: at least and at most; of a last one 0. */
  least: Int32Array
  most: Int32Array
  /** After an op its artist does nothing else for so long, whatever comes next; a changeover after the last of a chain. */
  after: Int32Array
}

/** Between the last brush and the look before leaving may lie a whole morning. */
const LONGEST_BEFORE_LEAVING = 24 * 60
const blocksOf = ({ blocks, look }: MorningFace): Block[] =>
  look
    ? [
        ...blocks.slice(0, -1),
        { ...blocks.at(-1)!, gap: { least: 0, most: LONGEST_BEFORE_LEAVING } },
        { minutes: look },
      ]
    : [...blocks]

export function mirrored(morning: Morning): Mirror {
  const end = Math.max(...morning.faces.map(f => f.readyBy))
  const ops: Op[] = []
  const gaps: [least: number, most: number][] = []
  const faces = morning.faces.map((face, f): MirrorFace => {
    const blocks = blocksOf(face)
    const chain = blocks.map((_, k) => {
      const block = blocks.length - 1 - k
      // The gap between two blocks stands with the earlier of them, which comes next here.
      const gap = blocks[block - 1]?.gap ?? { least: 0, most: 0 }
      gaps.push(block === 0 ? [0, 0] : [gap.least, gap.most])
      return ops.push({ face: f, minutes: blocks[block]!.minutes, block }) - 1
    })
    const hair = face.hair ? ops.push({ face: f, minutes: face.hair.minutes, block: -1 }) - 1 : -1
    if (hair >= 0) gaps.push([0, 0])
    return {
      release: end - face.readyBy,
      chain,
      leaves: chain[face.look ? 1 : 0]!,
      look: face.look ? chain[0]! : -1,
      span: blocks.reduce((sum, b, k) => sum + b.minutes + (k + 1 < chain.length ? (b.gap?.least ?? 0) : 0), 0),
      hair,
      hairFirst: face.hair?.order === 'after' ? 1 : face.hair?.order === 'before' ? -1 : 0,
      artists: artistsFor(morning, face),
    }
  })
  const mirror = {
    ops,
    faces,
    artists: morning.artists.length,
    stations: morning.hairStations,
    changeover: morning.changeover,
    lead: leadOf(morning),
    order: morning.order?.map(id => morning.faces.findIndex(f => f.id === id)).reverse() ?? null,
    end,
    least: Int32Array.from(gaps, g => g[0]),
    most: Int32Array.from(gaps, g => g[1]),
  }
  return { ...mirror, after: Int32Array.from(ops, (_, op) => afterOf(mirror, op)) }
}

/** How long an artist does nothing else after an op: the gap, where no block of another face fits into it; else the shorter of gap and changeover. */
function afterOf(mirror: Omit<Mirror, 'after'>, op: number): number {
  const { ops, faces, changeover, least, lead, artists } = mirror
  const { chain, look } = faces[ops[op]!.face]!
  // Between the lead and the look before leaving lies somebody else.
  const others = artists === 1 && ops[op]!.face === lead && op === look
  if (op === chain.at(-1) || others) return changeover
  return fitsInto(mirror, op) ? Math.min(least[op]!, changeover) : least[op]!
}

/** Whether something of another face could lie between an op and the next of its chain. */
function fitsInto({ ops, faces, changeover, most }: Omit<Mirror, 'after'>, op: number): boolean {
  const own = faces[ops[op]!.face]!
  const next = own.chain[own.chain.indexOf(op) + 1]!
  const room = most[op]! - 2 * changeover
  // What stands across an op of ours needs a gap with room for it and two changeovers.
  const spans = (gap: number, across: number) => gap >= ops[across]!.minutes + 2 * changeover
  return faces.some(
    other =>
      other !== own
      && other.artists.some(a => own.artists.includes(a))
      && other.chain.some((_, from) => {
        let inside = 0
        for (let to = from; to < other.chain.length; to++) {
          inside += ops[other.chain[to]!]!.minutes
          if (inside > room) return false
          const before = from === 0 || spans(most[other.chain[from - 1]!]!, op)
          const after = to === other.chain.length - 1 || spans(most[other.chain[to]!]!, next)
          if (before && after) return true
        }
        return false
      }),
  )
}

/** A plan backwards: when each op begins, and who does each face. */
export interface MirrorPlan {
  makespan: number
  starts: Int32Array
  artistOf: readonly number[]
}
