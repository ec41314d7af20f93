/*
 * A morning as it is asked for, and as it is planned. Minutes are whole numbers from midnight of the job's day; what is planned may begin
 * the day before, which says that the morning cannot be had.
 */

/** How long may lie between a block and the next of the same face. */
export interface Gap {
  least: number
  most: number
}

/** Work at the chair that is not interrupted. */
export interface Block {
  minutes: number
  /** Before the next block of this face; none is exactly 0. Of the last block it says nothing. */
  gap?: Gap | null
}

export const HAIR_ORDERS = ['before', 'after', 'either'] as const
export type HairOrder = (typeof HAIR_ORDERS)[number]

export interface MorningFace {
  id: string
  /** Everything of this face ends by then. */
  readyBy: number
  /** In the order they are done, at least one. */
  blocks: readonly Block[]
  /** At a hair station, wholly before the first block or wholly after the last one. */
  hair?: { minutes: number; order: HairOrder } | null
  /** Who may do it; empty for anybody. */
  artists?: readonly string[] | null
  /**
   * A look before leaving, minutes: one block more. Who is last but one is reckoned without it, and the lead is looked at when the one after
   * them has left the chair.
   */
  look?: number | null
  /** Of three or more faces it is the last but one to leave the chair. */
  lead?: boolean | null
}

export interface Morning {
  artists: readonly string[]
  hairStations: number
  setUp: number
  /** What an artist needs between blocks of different faces. */
  changeover: number
  faces: readonly MorningFace[]
  /** Ids of all faces in the order they first sit down, where that is given; then nobody has to be last but one. */
  order?: readonly string[]
}

export interface ChairRow {
  faceId: string
  artist: string
  /** Of the face, from 0. */
  block: number
  from: number
  to: number
}
export interface HairRow {
  faceId: string
  /** From 0. */
  station: number
  from: number
  to: number
}

export interface Timetable {
  /** The set-up begins no earlier than midnight. */
  feasible: boolean
  /** When the set-up begins. */
  start: number
  rows: ChairRow[]
  hair: HairRow[]
  /** No plan can start after `bound`. */
  proof: { optimal: boolean; bound: number }
}

/** The lead face, where the rule of the last but one holds. */
export const leadOf = ({ faces, order }: Morning): number =>
  faces.length < 3 || order ? -1 : faces.findIndex(f => f.lead)

/** Which artists may do a face, by index. */
export function artistsFor({ artists }: Morning, face: MorningFace): number[] {
  const all = artists.map((_, i) => i)
  const named = face.artists ?? []
  return named.length === 0 ? all : all.filter(i => named.includes(artists[i]!))
}
