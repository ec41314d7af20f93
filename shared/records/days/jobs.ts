import type { JobFacts } from '#core/asked/job'
import { SLOT_IDS, type SlotId } from '#core/asked/slots'
import * as is from '../../checks/rules'
import { HairDto } from '../../compute/days'
import { parseId } from '../../checks/parse'
import { shaped } from '../../checks/shape'
import { OccasionDiffers, OccasionInput } from '../method/consultation'
import { HouseRuleInput } from '../method/settings'
import type { BagInput } from './bags'
import type { QuoteInput } from './quotes'
import type { Wrap } from './wraps'

/** What there is where the job is. */
export class VenueInput {
  /** Flights that everything is carried up, with no lift. */
  @is.Whole(0, 60) stairs: number = 0
  @is.YesNo() power: boolean = true
  @is.YesNo() water: boolean = true
  /** One that can be wiped. */
  @is.YesNo() table: boolean = true
}

/** How the morning of a job goes, and what there is there. Times are as the clock shows them where the job is. */
export class MorningInput {
  /** Other artists on the job. */
  @is.Words(8, 60) others: string[] = []
  @is.Whole(0, 8) hairStations: number = 0
  /** When everybody is ready that has no time of their own. */
  @is.Maybe() @is.ClockTime() readyBy?: string | null
  /** When the place opens, or the artist can be there. */
  @is.Maybe() @is.ClockTime() notBefore?: string | null
  /** Minutes. */
  @is.Whole(0, 240) setUp: number = 25
  @is.Whole(0, 240) packDown: number = 20
  @is.Whole(0, 60) changeover: number = 4
  /** Everybody sits down in the order of the day, whatever it costs. */
  @is.YesNo() keepOrder: boolean = false
  @is.One(() => VenueInput, 'must say what there is there') venue: VenueInput = new VenueInput()
}

/** How a face goes through the morning. */
export class ChairInput {
  @is.Maybe() @is.One(() => HairDto) hair?: HairDto | null
  /** The one the day is for: last but one, with a look before leaving. */
  @is.YesNo() lead: boolean = false
  /** Who has to do it; none for anybody. */
  @is.Words(8, 60) artists: string[] = []
  /** Did not come bare, clean and dry. */
  @is.YesNo() notReady: boolean = false
  /** What is left out on it. */
  @is.SomeOf(SLOT_IDS) cut: SlotId[] = []
}

/** A day's work, as it is written down. */
export class JobInput {
  @is.Name(120) name!: string
  /** The day as a date; null while none is agreed. */
  @is.Maybe()
  @is.Moment()
  @is.Satisfies('day alone', v => typeof v !== 'string' || v.length <= 10, 'must be a day, as 2026-12-05')
  day?: string | null
  @is.Zone() timeZone: string = ''
  @is.Text(0, 200) place: string = ''
  @is.One(() => OccasionInput, 'must say what the day asks') conditions: OccasionInput = new OccasionInput()
  @is.One(() => MorningInput, 'must say how the morning goes') morning: MorningInput = new MorningInput()
  @is.Many(() => HouseRuleInput, 30) houseRules: HouseRuleInput[] = []
  @is.Text(0, 1000) notes: string = ''
  /** The job this one is the preview of. */
  @is.Maybe() @is.Id() previewOfId?: string | null
  @is.MadeFrom() version?: number
}

/** Days of work from somebody's calendar. */
export class JobsInput {
  @is.Many(() => JobInput, 500, 1) jobs!: JobInput[]
}

export class OrderInput {
  @is.Ids(2000) ids!: string[]
  /** Whether they sit down in this order, whatever it costs; left out, that stays as it is. */
  @is.Maybe() @is.YesNo() keep?: boolean
  /** Of the day and everybody on it, see {@link orderVersion}. */
  @is.MadeFrom() version?: number
}

/** Grows with every write to a day or to a booking of it: an order is made from all of them. */
export const orderVersion = ({
  version,
  bookings,
}: {
  version: number
  bookings: readonly { version: number }[]
}): number => bookings.reduce((sum, b) => sum + b.version, version)

class CutInput {
  @is.Id() bookingId!: string
  @is.OneOf(SLOT_IDS) slot!: SlotId
}
/** What else is left out, on which bookings. */
export class CutsInput {
  @is.Many(() => CutInput, 2000, 1) cuts!: CutInput[]
}

export class BookingInput {
  @is.Id() jobId!: string
  /** As the clock shows it where the job is. */
  @is.Maybe() @is.ClockTime() readyBy?: string | null
  /** Place in the order of the day, from 0. */
  @is.Whole(0, 10_000) position: number = 0
  @is.Text(0, 300) services: string = ''
  /** Where this face's day differs from the job's. */
  @is.One(() => OccasionDiffers) differs: OccasionDiffers = new OccasionDiffers()
  @is.One(() => ChairInput) chair: ChairInput = new ChairInput()
  @is.MadeFrom() version?: number
}

/** A face put on a job. */
export class NewBookingInput extends BookingInput {
  @is.Id() faceId!: string
}

/** A booking made together with its face: on a job there is, or on a new one. */
export class BookingForFace {
  @shaped({ longest: 120 })
  @is.Satisfies(
    'one job',
    (v, owner) =>
      v === null ? Boolean((owner as BookingForFace).job) : parseId(v) !== undefined && !(owner as BookingForFace).job,
    'must be the id of a job, or be left out where a new job is given',
  )
  jobId: string | null = null

  @is.Maybe() @is.One(() => JobInput) job: JobInput | null = null
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

/** A booking as it is written back, whatever of it is changed. */
export const bookingInput = ({
  jobId,
  readyBy,
  position,
  services,
  differs,
  chair,
  version,
}: Booking): BookingInput => ({
  jobId,
  readyBy,
  position,
  services,
  differs,
  chair,
  version,
})

/** A job as the list shows it. */
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
  bag: BagInput
  quote: QuoteInput
  /** How it went; null until it is closed. */
  wrap: Wrap | null
  /** In the order of the day. */
  bookings: (Booking & { faceName: string })[]
}

/** A job as it is written back, whatever of it is changed. */
export const jobInput = ({
  name,
  day,
  timeZone,
  place,
  conditions,
  morning,
  houseRules,
  notes,
  previewOfId,
  version,
}: Job): JobInput => ({
  name,
  day,
  timeZone,
  place,
  conditions,
  morning,
  houseRules,
  notes,
  previewOfId,
  version,
})

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
