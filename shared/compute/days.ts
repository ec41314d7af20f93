import { HAIR_ORDERS, type HairOrder } from '#core/schedule/timetable'
import {
  Between,
  Distinct,
  ListOf,
  Many,
  Maybe,
  Name,
  One,
  OneOf,
  Satisfies,
  Whole,
  Words,
  YesNo,
} from '../checks/rules'

/* Requests and answers of the compute API that are about a day: its timetable, and what goes into its bags. */

const MOST_FACES = 60
const MOST_BLOCKS = 12
const MOST_ARTISTS = 20
const A_DAY = 24 * 60
const MOST_MS = 60_000

export class GapDto {
  @Whole(0, A_DAY) least!: number
  @Whole(0, A_DAY)
  @Satisfies(
    'noLessThanLeast',
    (v, owner) => typeof v !== 'number' || !((owner as GapDto).least > v),
    'must be no less than "least"',
  )
  most!: number
}

export class BlockDto {
  @Whole(1, A_DAY) minutes!: number
  @Maybe() @One(() => GapDto) gap?: GapDto
}

export class HairDto {
  @Whole(1, A_DAY) minutes!: number
  @OneOf(HAIR_ORDERS) order!: HairOrder
}

export class MorningFaceDto {
  @Name(120) id!: string
  /** Minutes from midnight of the job's day. */
  @Whole(1, 3 * A_DAY) readyBy!: number
  @Many(() => BlockDto, MOST_BLOCKS, 1) blocks!: BlockDto[]
  @Maybe() @One(() => HairDto) hair?: HairDto
  /** Who may do it; left out or empty: anybody. */
  @Maybe() @Words(MOST_ARTISTS, 120) artists?: string[]
  @Maybe() @YesNo() lead?: boolean
}

const facesOf = (v: unknown) => (Array.isArray(v) ? (v as (MorningFaceDto | null)[]).filter(f => f !== null) : [])

export class TimetableRequest {
  @Words(MOST_ARTISTS, 120)
  @Satisfies('anArtist', v => !Array.isArray(v) || v.length > 0, 'must name at least one artist')
  artists!: string[]

  @Whole(0, 20) hairStations!: number
  @Whole(0, A_DAY) setUp!: number
  @Whole(0, A_DAY) changeover!: number

  @Many(() => MorningFaceDto, MOST_FACES, 1)
  @Distinct('id')
  @Satisfies('oneLead', v => facesOf(v).filter(f => f?.lead === true).length <= 1, 'must hold at most one lead face')
  @Satisfies(
    'knownArtists',
    (v, owner) => {
      const { artists } = owner as TimetableRequest
      return facesOf(v).every(f => !Array.isArray(f?.artists) || f.artists.every(a => artists?.includes?.(a)))
    },
    'must name only artists that are among the artists',
  )
  @Satisfies(
    'stationForHair',
    (v, owner) => (owner as TimetableRequest).hairStations !== 0 || facesOf(v).every(f => !f?.hair),
    'must hold no hair where there is no hair station: give hairStations at least 1',
  )
  faces!: MorningFaceDto[]

  @Whole(1, MOST_MS) timeLimitMs: number = 5000
}

class ChairRowAnswer {
  @Name(120) faceId!: string
  @Name(120) artist!: string
  /** Of the face, from 0. */
  @Whole(0, MOST_BLOCKS) block!: number
  @Whole(-1e9, 1e9) from!: number
  @Whole(-1e9, 1e9) to!: number
}
class HairRowAnswer {
  @Name(120) faceId!: string
  /** From 0. */
  @Whole(0, 20) station!: number
  @Whole(-1e9, 1e9) from!: number
  @Whole(-1e9, 1e9) to!: number
}
class TimetableProof {
  @YesNo() optimal!: boolean
  /** No plan can start after it. */
  @Whole(-1e9, 1e9) bound!: number
}

export class TimetableAnswer {
  /** The morning need not begin the day before. */
  @YesNo() feasible!: boolean
  /** When the set-up begins, minutes from midnight of the job's day. */
  @Whole(-1e9, 1e9) start!: number
  /** Where it is not feasible: by how many minutes the day would have to begin before midnight. */
  @Maybe() @Whole(0, 1e9) missing?: number
  @Many(() => ChairRowAnswer, MOST_FACES * MOST_BLOCKS) rows!: ChairRowAnswer[]
  @Many(() => HairRowAnswer, MOST_FACES) hair!: HairRowAnswer[]
  @One(() => TimetableProof) proof!: TimetableProof
}

const MOST_THINGS = 500
const MOST_BAGS = 30

export class PackThingDto {
  @Name(120) id!: string
  @Between(0, 1e9) volumeMl!: number
  @Between(0, 1e9) massG!: number
  @Between(0, 1e9) worth!: number
  /** It goes, whatever stays. */
  @Maybe() @YesNo() must?: boolean
  /** Things without which it does not go. */
  @Maybe() @Words(MOST_THINGS, 120) needs?: string[]
  /** Bags it may go into; left out or empty: any. */
  @Maybe() @Words(MOST_BAGS, 120) bag?: string[]
}

export class BagDto {
  @Name(120) id!: string
  @Between(0, 1e9) volumeMl!: number
  @Between(0, 1e9) limitG!: number
}

const idsOf = (v: unknown) => new Set(Array.isArray(v) ? v.map(m => (m as { id?: unknown } | null)?.id) : [])
const thingsOf = (v: unknown) => (Array.isArray(v) ? (v as (PackThingDto | null)[]) : [])

export class PackRequest {
  @Many(() => PackThingDto, MOST_THINGS)
  @Distinct('id')
  @Satisfies(
    'knownNeeds',
    v => {
      const ids = idsOf(v)
      return thingsOf(v).every(t => !Array.isArray(t?.needs) || t.needs.every(id => ids.has(id)))
    },
    'must need only things that are among the things',
  )
  @Satisfies(
    'knownBags',
    (v, owner) => {
      const ids = idsOf((owner as PackRequest).bags)
      return thingsOf(v).every(t => !Array.isArray(t?.bag) || t.bag.every(id => ids.has(id)))
    },
    'must name only bags that are among the bags',
  )
  things!: PackThingDto[]

  @Many(() => BagDto, MOST_BAGS) @Distinct('id') bags!: BagDto[]
  /** Of all bags together. */
  @Maybe() @Between(0, 1e9) limitG?: number
  @Whole(1, MOST_MS) timeLimitMs: number = 5000
}

class PlacedAnswer {
  @Name(120) id!: string
  @Name(120) bagId!: string
}
class PackProof {
  @YesNo() optimal!: boolean
  /** No choice is worth more. */
  @Between(0, 1e12) upperBound!: number
}
class MissingRoom {
  @Between(0, 1e12) volumeMl!: number
  @Between(0, 1e12) massG!: number
}

export class PackAnswer {
  /** What must go does go. */
  @YesNo() feasible!: boolean
  @Many(() => PlacedAnswer, MOST_THINGS) placed!: PlacedAnswer[]
  @ListOf(MOST_THINGS) left!: string[]
  @Between(0, 1e12) worth!: number
  @One(() => PackProof) proof!: PackProof
  /** Where it is not feasible: by how much what must go does not fit. */
  @Maybe() @One(() => MissingRoom) missing?: MissingRoom
}
