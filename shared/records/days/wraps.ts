import type { OwnedKind } from '#core/stock/things/kinds'
import type { Measure } from '#core/stock/things/things'
import * as is from '../../checks/rules'

/** How long a job took and what it brought: what is often known only later. */
export class WrapFacts {
  /** As the clock showed it where the job was. */
  @is.Maybe() @is.ClockTime() began?: string | null
  @is.Maybe() @is.ClockTime() ended?: string | null
  @is.Maybe() @is.Between(0, 50_000, 'km') km?: number | null
  @is.Maybe() @is.Whole(0, 10_000) travelMinutes?: number | null
  /** Tickets, tolls, parking and whatever else was paid. */
  @is.Maybe() @is.Minor() spentMinor?: number | null
  @is.Maybe() @is.Minor() paidMinor?: number | null
  @is.Minor() tipMinor: number = 0
  @is.Text(0, 1000) notes: string = ''
  @is.MadeFrom() version?: number
}

export const INCIDENTS = ['ran out', 'nearly out', 'left behind', 'broken'] as const
export type Incident = (typeof INCIDENTS)[number]

export class ThingIncident {
  @is.Id() unitId!: string
  /** Of a palette the pan; else what is in it. */
  @is.Maybe() @is.Id() fillId?: string | null
  @is.OneOf(INCIDENTS) what!: Incident
}

/** They reacted to it, or it creased, faded, went patchy: words of a face's history. */
export const REACTIONS = ['reaction', 'disliked'] as const
export type ReactionWord = (typeof REACTIONS)[number]

export class ReactionOn {
  @is.Id() bookingId!: string
  @is.Id() unitId!: string
  /** Of a palette the pan; else what is in it. */
  @is.Maybe() @is.Id() fillId?: string | null
  @is.OneOf(REACTIONS) what!: ReactionWord
  @is.Text(0, 300) note: string = ''
}

/** What was otherwise than planned. */
class WrapDifferences extends WrapFacts {
  /** Bookings that were not made up. */
  @is.Ids(200, 0) notDone: string[] = []
  @is.Many(() => ThingIncident, 300) things: ThingIncident[] = []
}

/** What the artist enters when a job is closed. */
export class WrapInput extends WrapDifferences {
  /** It stands with the faces, and not with the job. */
  @is.Many(() => ReactionOn, 100) wrong: ReactionOn[] = []
}

/** A job that was closed. */
export class Wrap extends WrapDifferences {
  @is.Moment() at!: string
}

export const wrapFacts = ({
  began,
  ended,
  km,
  travelMinutes,
  spentMinor,
  paidMinor,
  tipMinor,
  notes,
}: WrapFacts): WrapFacts => ({ began, ended, km, travelMinutes, spentMinor, paidMinor, tipMinor, notes })

/** So much of something that a job takes, or took. */
export interface Taken {
  unitId: string
  name: string
  kind: OwnedKind
  measure: Measure
  amount: number
}

/** What closing a job does, and what is to be done after it. */
export interface JobWrap {
  /** Whoever is booked; with a plan or without, and whether it is in the log already; with what was noted at the chair. */
  faces: { bookingId: string; name: string; planned: boolean; used: boolean; notes: string[] }[]
  /** What the plans take, the most of what is left first; of a closed job what the log says. */
  taken: Taken[]
  /** Things along: what may have run out, been left or broken. */
  along: { unitId: string; name: string; kind: OwnedKind; pans: { fillId: string; name: string }[] }[]
  /** What was used and has to be washed: brushes by shape, tools by kind. */
  wash: { name: string; count: number }[]
  /** Dry by then: the next job. */
  next: { id: string; name: string; day: string } | null
  /** Nearly out or out, with another at home. */
  refill: { unitId: string; name: string; homeId: string; placeId: string | null }[]
  /** Nearly out or out, and no other there. */
  buy: { productId: string; name: string }[]
}
