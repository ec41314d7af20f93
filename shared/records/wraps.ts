import { Between, ClockTime, Id, Ids, MadeFrom, Many, Maybe, Minor, Moment, OneOf, Text, Whole } from '../rules'

export const WENT = ['ran out', 'nearly out', 'left behind', 'broken'] as const
export type Went = (typeof WENT)[number]

class ThingThatWent {
  @Id() unitId!: string
  /** Of a palette the pan; else what is in it. */
  @Maybe() @Id() fillId?: string | null
  @OneOf(WENT) what!: Went
}

/** What was otherwise than planned. */
export class WrapInput {
  /** As the clock showed it where the job was. */
  @Maybe() @ClockTime() began?: string | null
  @Maybe() @ClockTime() ended?: string | null
  @Maybe() @Between(0, 50_000, 'km') km?: number | null
  @Maybe() @Whole(0, 10_000) travelMinutes?: number | null
  /** Tickets, tolls, parking and whatever else was paid. */
  @Maybe() @Minor() spentMinor?: number | null
  @Maybe() @Minor() paidMinor?: number | null
  @Minor() tipMinor: number = 0
  /** Bookings that were not made up. */
  @Ids(200, 0) notDone: string[] = []
  @Many(() => ThingThatWent, 300) things: ThingThatWent[] = []
  @Text(0, 1000) notes: string = ''
  @MadeFrom() version?: number
}

/** A job that was closed. */
export class Wrap extends WrapInput {
  @Moment() at!: string
}
