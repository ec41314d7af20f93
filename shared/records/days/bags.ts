import { CARRYING, type Breaks, type Carrying, type Reason, type TakenOut } from '#core/bag/bag'
import type { Handling } from '#core/bag/handle'
import type { CarriedUp } from '#core/bag/venue'
import type { Lab } from '#core/colour/lab'
import type { BrushShape, OwnedKind } from '#core/stock/things/kinds'
import type { Limits } from '#core/stock/things/places'
import type { Heft } from '#core/stock/things/heft'
import type { Measure, PlaceSort } from '#core/stock/things/things'
import * as is from '../../checks/rules'

/** How a job is packed. */
export class BagInput {
  @is.OneOf(CARRYING) carrying: Carrying = 'ready for nearly anyone'
  /** The standing list that is the core of it; without one, what is carried. */
  @is.Maybe() @is.Id() listId?: string | null
  /** Travels in the cabin of an aircraft. */
  @is.YesNo() cabin: boolean = false
  /** Units that stay at home for this job. */
  @is.Ids(2000, 0) leave: string[] = []
  /** What is done without this time: a product, a kind or a shape, see core/bag/needs.ts. */
  @is.Words(200, 120) without: string[] = []
  @is.MadeFrom() version?: number
}

export class LeaveInput {
  @is.Ids(2000) ids!: string[]
}

/** One thing that goes. */
export interface BagLine extends Heft {
  unitId: string
  name: string
  lab: Lab | null
  count: number
  why: Reason
  /** Where it goes: where it is, or the pouch of its kind. */
  to: string | null
  isAlong: boolean
  handling: Handling[]
  /** What breaks where it stays at home. */
  breaks: Breaks
}
export interface BagOut {
  massG: number
  unitId: string
  name: string
  count: number
  why: TakenOut['why']
}
/** What nobody has enough of. */
export interface BagLack {
  key: string
  name: string
  kind: OwnedKind
  shape: BrushShape | null
  isBottle: boolean
  measure: Measure
  need: number
  short: number
  faces: string[]
  forTheDay: boolean
  /** What to buy for it: the cheapest that is enough; null where nobody sells any. */
  offer: { id: string; name: string; count: number; priceMinor: number } | null
}
/** What goes as well in a small vessel. */
export interface BagDecant {
  unitId: string
  name: string
  measure: Measure
  amount: number
  size: number
  savesG: number
  forCabin: boolean
  mind: string[]
}
/** A place that goes along, in the order in which things come out. */
export interface BagPlace {
  id: string
  name: string
  sort: PlaceSort
  depth: number
  limits: Limits
  /** As it is packed for this job, with everything in it. */
  packed: Heft
}
/** A case that is too full or too heavy, and what to leave of it for the least loss. */
export interface BagOver {
  placeId: string
  name: string
  overG: number
  overMl: number
  leave: { unitId: string; name: string; count: number; massG: number; uses: number }[]
  leaveG: number
  /** No other choice leaves less of worth behind. */
  proven: boolean
  /** What is needed is too much by itself, by so much; null where it fits. */
  impossible: { massG: number; volumeMl: number } | null
}
/** A pouch that does not close, and which of its things lie elsewhere in the case instead: in which pouch, or loose. */
export interface BagFull {
  placeId: string
  name: string
  move: { unitId: string; name: string; count: number; to: string }[]
}
export interface BagBuried {
  placeId: string
  place: string
  isLoose: boolean
  things: { unitId: string; name: string }[]
  under: string[]
}

/** What is to be minded because of where the job is. */
export interface BagVenue {
  stairs: CarriedUp | null
  /** What goes and has to run by itself there. */
  charge: string[]
  /** Whether nothing can be washed there, and nothing is laid out on a table. */
  noWater: boolean
  noTable: boolean
}

/** What goes to a job, from where and into what. */
export interface JobBag {
  faces: { id: string; name: string }[]
  /** Faces whose plan cannot be made yet. */
  unplanned: string[]
  /** In the order in which it is taken out. */
  goes: BagLine[]
  takeOut: BagOut[]
  /** What the artist leaves at home for this job. */
  left: { unitId: string; name: string }[]
  lacking: BagLack[]
  /** What is lacking and done without. */
  without: { key: string; name: string }[]
  /** Kinds with a single thing: if it fails, the job stops. */
  single: OwnedKind[]
  places: BagPlace[]
  over: BagOver[]
  full: BagFull[]
  buried: BagBuried[]
  /** The most weight first. */
  decant: BagDecant[]
  venue: BagVenue
  /** Millilitres of what counts as liquid in a cabin; null where it travels in none. */
  cabinMl: number | null
}
