import { HAIR_ORDERS, type HairOrder } from '#core/schedule/timetable'
import * as is from '../checks/rules'

/* Requests and answers of the compute API that are about a day: its timetable, and what goes into its bags. */

const MOST_FACES = 60
const MOST_BLOCKS = 12
const MOST_ARTISTS = 20
const A_DAY = 24 * 60
const MOST_MS = 60_000

export class GapDto {
  @is.Whole(0, A_DAY) least!: number
  @is.Whole(0, A_DAY)
  @is.Satisfies(
    'noLessThanLeast',
    (v, owner) => typeof v !== 'number' || !((owner as GapDto).least > v),
    'must be no less than "least"',
  )
  most!: number
}

export class BlockDto {
  @is.Whole(1, A_DAY) minutes!: number
  @is.Maybe() @is.One(() => GapDto) gap?: GapDto
}

export class HairDto {
  @is.Whole(1, A_DAY) minutes!: number
  @is.OneOf(HAIR_ORDERS) order!: HairOrder
}

export class MorningFaceDto {
  @is.Name(120) id!: string
  /** Minutes from midnight of the job's day. */
  @is.Whole(1, 3 * A_DAY) readyBy!: number
  @is.Many(() => BlockDto, MOST_BLOCKS, 1) blocks!: BlockDto[]
  @is.Maybe() @is.One(() => HairDto) hair?: HairDto
  /** Who may do it; left out or empty: anybody. */
  @is.Maybe() @is.Words(MOST_ARTISTS, 120) artists?: string[]
  @is.Maybe() @is.YesNo() lead?: boolean
}

const facesOf = (v: unknown) => (Array.isArray(v) ? (v as (MorningFaceDto | null)[]).filter(f => f !== null) : [])

export class TimetableRequest {
  @is.Words(MOST_ARTISTS, 120)
  @is.Satisfies('anArtist', v => !Array.isArray(v) || v.length > 0, 'must name at least one artist')
  artists!: string[]

  @is.Whole(0, 20) hairStations!: number
  @is.Whole(0, A_DAY) setUp!: number
  @is.Whole(0, A_DAY) changeover!: number

  @is.Many(() => MorningFaceDto, MOST_FACES, 1)
  @is.Distinct('id')
  @is.Satisfies('oneLead', v => facesOf(v).filter(f => f?.lead === true).length <= 1, 'must hold at most one lead face')
  @is.Satisfies(
    'knownArtists',
    (v, owner) => {
      const { artists } = owner as TimetableRequest
      return facesOf(v).every(f => !Array.isArray(f?.artists) || f.artists.every(a => artists?.includes?.(a)))
    },
    'must name only artists that are among the artists',
  )
  @is.Satisfies(
    'stationForHair',
    (v, owner) => (owner as TimetableRequest).hairStations !== 0 || facesOf(v).every(f => !f?.hair),
    'must hold no hair where there is no hair station: give hairStations at least 1',
  )
  faces!: MorningFaceDto[]

  @is.Whole(1, MOST_MS) timeLimitMs: number = 5000
}

class ChairRowAnswer {
  @is.Name(120) faceId!: string
  @is.Name(120) artist!: string
  /** Of the face, from 0. */
  @is.Whole(0, MOST_BLOCKS) block!: number
  @is.Whole(-1e9, 1e9) from!: number
  @is.Whole(-1e9, 1e9) to!: number
}
class HairRowAnswer {
  @is.Name(120) faceId!: string
  /** From 0. */
  @is.Whole(0, 20) station!: number
  @is.Whole(-1e9, 1e9) from!: number
  @is.Whole(-1e9, 1e9) to!: number
}
class TimetableProof {
  @is.YesNo() optimal!: boolean
  /** No plan can start after it. */
  @is.Whole(-1e9, 1e9) bound!: number
}

export class TimetableAnswer {
  /** The morning need not begin the day before. */
  @is.YesNo() feasible!: boolean
  /** When the set-up begins, minutes from midnight of the job's day. */
  @is.Whole(-1e9, 1e9) start!: number
  /** Where it is not feasible: by how many minutes the day would have to begin before midnight. */
  @is.Maybe() @is.Whole(0, 1e9) missing?: number
  @is.Many(() => ChairRowAnswer, MOST_FACES * MOST_BLOCKS) rows!: ChairRowAnswer[]
  @is.Many(() => HairRowAnswer, MOST_FACES) hair!: HairRowAnswer[]
  @is.One(() => TimetableProof) proof!: TimetableProof
}

const MOST_THINGS = 500
const MOST_BAGS = 30

export class PackThingDto {
  @is.Name(120) id!: string
  @is.Between(0, 1e9) volumeMl!: number
  @is.Between(0, 1e9) massG!: number
  @is.Between(0, 1e9) worth!: number
  /** It goes, whatever stays. */
  @is.Maybe() @is.YesNo() must?: boolean
  /** Things without which it does not go. */
  @is.Maybe() @is.Words(MOST_THINGS, 120) needs?: string[]
  /** Bags it may go into; left out or empty: any. */
  @is.Maybe() @is.Words(MOST_BAGS, 120) bag?: string[]
}

export class BagDto {
  @is.Name(120) id!: string
  @is.Between(0, 1e9) volumeMl!: number
  @is.Between(0, 1e9) limitG!: number
}

const idsOf = (v: unknown) => new Set(Array.isArray(v) ? v.map(m => (m as { id?: unknown } | null)?.id) : [])
const thingsOf = (v: unknown) => (Array.isArray(v) ? (v as (PackThingDto | null)[]) : [])

export class PackRequest {
  @is.Many(() => PackThingDto, MOST_THINGS)
  @is.Distinct('id')
  @is.Satisfies(
    'knownNeeds',
    v => {
      const ids = idsOf(v)
      return thingsOf(v).every(t => !Array.isArray(t?.needs) || t.needs.every(id => ids.has(id)))
    },
    'must need only things that are among the things',
  )
  @is.Satisfies(
    'knownBags',
    (v, owner) => {
      const ids = idsOf((owner as PackRequest).bags)
      return thingsOf(v).every(t => !Array.isArray(t?.bag) || t.bag.every(id => ids.has(id)))
    },
    'must name only bags that are among the bags',
  )
  things!: PackThingDto[]

  @is.Many(() => BagDto, MOST_BAGS) @is.Distinct('id') bags!: BagDto[]
  /** Of all bags together. */
  @is.Maybe() @is.Between(0, 1e9) limitG?: number
  @is.Whole(1, MOST_MS) timeLimitMs: number = 5000
}

class PlacedAnswer {
  @is.Name(120) id!: string
  @is.Name(120) bagId!: string
}
class PackProof {
  @is.YesNo() optimal!: boolean
  /** No choice is worth more. */
  @is.Between(0, 1e12) upperBound!: number
}
class MissingRoom {
  @is.Between(0, 1e12) volumeMl!: number
  @is.Between(0, 1e12) massG!: number
}

export class PackAnswer {
  /** What must go does go. */
  @is.YesNo() feasible!: boolean
  @is.Many(() => PlacedAnswer, MOST_THINGS) placed!: PlacedAnswer[]
  @is.ListOf(MOST_THINGS) left!: string[]
  @is.Between(0, 1e12) worth!: number
  @is.One(() => PackProof) proof!: PackProof
  /** Where it is not feasible: by how much what must go does not fit. */
  @is.Maybe() @is.One(() => MissingRoom) missing?: MissingRoom
}
