import type { JobFacts } from '#core/suitability/job'
import { Id, Ids, MadeFrom, Many, Maybe, Moment, Name, One, Satisfies, Text, Whole } from '../rules'
import { parseId } from '../parse'
import { shaped } from '../shape'
import { OccasionDiffers, OccasionInput } from './consultation'
import { HouseRuleInput } from './settings'

/** A day's work, as it is written down. */
export class JobInput {
  @Name(120) name!: string
  /** The day as a date; null while none is agreed. */
  @Maybe()
  @Moment()
  @Satisfies('day alone', v => typeof v !== 'string' || v.length <= 10, 'must be a day, as 2026-12-05')
  day?: string | null
  @Text(0, 60) timeZone: string = ''
  @Text(0, 200) place: string = ''
  @One(() => OccasionInput, 'must say what the day asks') conditions: OccasionInput = new OccasionInput()
  @Many(() => HouseRuleInput, 30) houseRules: HouseRuleInput[] = []
  @Text(0, 1000) notes: string = ''
  /** The job this one is the preview of. */
  @Maybe() @Id() previewOfId?: string | null
  @MadeFrom() version?: number
}

export class OrderInput {
  @Ids(2000) ids!: string[]
}

export class BookingInput {
  @Id() jobId!: string
  @Maybe() @Moment() readyBy?: string | null
  /** Place in the order of the day, from 0. */
  @Whole(0, 10_000) position: number = 0
  @Text(0, 300) services: string = ''
  /** Where this face's day differs from the job's. */
  @One(() => OccasionDiffers) differs: OccasionDiffers = new OccasionDiffers()
  @MadeFrom() version?: number
}

/** A face put on a job. */
export class NewBookingInput extends BookingInput {
  @Id() faceId!: string
}

/** A booking made together with its face: on a job there is, or on a new one. */
export class BookingForFace {
  @shaped({ longest: 120 })
  @Satisfies(
    'one job',
    (v, owner) =>
      v === null ? Boolean((owner as BookingForFace).job) : parseId(v) !== undefined && !(owner as BookingForFace).job,
    'must be the id of a job, or be left out where a new job is given',
  )
  jobId: string | null = null

  @Maybe() @One(() => JobInput) job: JobInput | null = null
}

export interface Booking extends BookingInput {
  id: string
  faceId: string
  version: number
}

/** A booking as its face sees it. */
export interface FaceBooking extends Booking {
  job: { name: string; day: string | null; place: string; conditions: OccasionInput; version: number }
}

/** A job as it stands in the list. */
export interface JobLine {
  id: string
  name: string
  day: string | null
  place: string
  type: OccasionInput['type']
  faces: number
}

/** A job with whom it is for. */
export interface Job extends JobInput {
  id: string
  version: number
  createdAt: string
  /** In the order of the day. */
  bookings: (Booking & { faceName: string })[]
}

/** What the day of a booking asks: what the job asks, but for what differs for this face. */
export function asksOf({ job, differs }: Pick<FaceBooking, 'job' | 'differs'>): OccasionInput {
  const said = Object.fromEntries(Object.entries(differs).filter(([, v]) => v !== undefined && v !== null))
  return { ...job.conditions, ...said }
}

/** Where what is asked differs from what the job asks. */
export function differsFrom(conditions: JobFacts, asked: JobFacts): OccasionDiffers {
  const fields = Object.keys(asked) as (keyof JobFacts)[]
  return Object.fromEntries(fields.filter(f => asked[f] !== conditions[f]).map(f => [f, asked[f]]))
}

/**
 * The booking that counts today: the next to come, else one without a day, else the last there was.
 * @param day today as a date
 */
export function nextBooking<T extends Pick<FaceBooking, 'job'>>(bookings: readonly T[], day: string): T | null {
  const days = bookings.filter(b => b.job.day !== null).sort((x, y) => (x.job.day! < y.job.day! ? -1 : 1))
  return days.find(b => b.job.day! >= day) ?? bookings.find(b => b.job.day === null) ?? days.at(-1) ?? null
}
