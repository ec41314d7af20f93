import type { Lab } from '#core/colour/lab'
import type { OwnedKind } from '#core/stock/things/kinds'
import type { Lasting } from '#core/stock/ends/lasting'
import type { Measure } from '#core/stock/things/things'

/* What of the kit ends, and what runs out, and when. */

/** Something whose last day comes. */
export interface EndsLine {
  /** Of the unit. */
  id: string
  name: string
  kind: OwnedKind
  lab: Lab | null
  placeId: string | null
  useBy: string
  /** What is in it, in `measure`. */
  left: number
  measure: Measure
  /** What of it is thrown away when its day comes; null where nobody can tell. */
  wasted: number | null
}

/** A stand-in for what is made no more. */
export interface StandIn {
  productId: string
  name: string
  lab: Lab | null
  deltaE: number | null
  differs: string[]
  /** Null for one that is owned. */
  offer: { id: string; supplier: string; priceMinor: number } | null
}

/** Something that is used up. */
export interface RunsOutLine {
  productId: string
  /** The unit it is taken from. */
  id: string
  name: string
  kind: OwnedKind
  lab: Lab | null
  measure: Measure
  lasting: Lasting
  /** The longest way of those who sell it. */
  leadDays: number
  /** The cheapest that is in stock. */
  offer: { id: string; supplier: string; priceMinor: number } | null
  /** Made no more. */
  limited: boolean
  standIns: StandIn[]
}

/** Something that is open, and nobody noted since when. */
export interface OpenSince {
  id: string
  name: string
  kind: OwnedKind
  lab: Lab | null
  paoMonths: number
  /** Opened before this day it is past its last. */
  pastIfBefore: string
}

/** A face that is booked, soonest first. */
export interface BookedFace {
  faceId: string
  name: string
  bookingId: string
  job: string
  day: string | null
}

export interface KitAhead {
  ends: EndsLine[]
  runsOut: RunsOutLine[]
  openSince: OpenSince[]
  booked: BookedFace[]
  /** Products whose pace neither the log nor the booked plans show. */
  silent: number
}
