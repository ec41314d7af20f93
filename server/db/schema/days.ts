import { index, integer, real, sqliteTable, text, type AnySQLiteColumn } from 'drizzle-orm/sqlite-core'
import type { FacePlan } from '#core/plan/facePlan'
import type { OccasionInput } from '#shared/records/method/consultation'
import type { ChairInput, MorningInput } from '#shared/records/days/jobs'
import type { BagInput } from '#shared/records/days/bags'
import type { QuoteInput } from '#shared/records/days/quotes'
import type { Wrap } from '#shared/records/days/wraps'
import type { LockInput, OverrideInput, PlanKind } from '#shared/records/people/plans'
import type { HouseRuleInput } from '#shared/records/method/settings'
import { id, partOf, version } from './parts'
import { json } from './columns'
import { ofFace } from './people'

/** A day's work. A preview and its day are two jobs linked. */
export const jobs = sqliteTable(
  'jobs',
  {
    id: id(),
    name: text('name').notNull(),
    /** The day as a date; null while none is agreed. */
    day: text('day'),
    /** IANA name; empty where it is the artist's own. */
    timeZone: text('time_zone').notNull().default(''),
    place: text('place').notNull().default(''),
    /** What the day asks of the make-up, its type among it. */
    conditions: json('conditions').$type<OccasionInput>().notNull(),
    /** How the morning goes; fields left out have their defaults. */
    morning: json('morning').$type<Partial<MorningInput>>().notNull().default({}),
    /** How it is packed, and what it costs; fields left out have their defaults. */
    bag: json('bag').$type<Partial<BagInput>>().notNull().default({}),
    quote: json('quote').$type<Partial<QuoteInput>>().notNull().default({}),
    /** How it went; null until it is closed. */
    wrap: json('wrap').$type<Wrap>(),
    houseRules: json('house_rules').$type<HouseRuleInput[]>().notNull().default([]),
    notes: text('notes').notNull().default(''),
    previewOfId: text('preview_of_id').references((): AnySQLiteColumn => jobs.id, { onDelete: 'set null' }),
    createdAt: text('created_at').notNull(),
    version: version(),
    deletedAt: text('deleted_at'),
  },
  t => [index('jobs_day').on(t.day, t.id), index('jobs_preview').on(t.previewOfId)],
)

/** A face on a job. */
export const bookings = sqliteTable(
  'bookings',
  {
    id: id(),
    jobId: partOf('job_id', () => jobs.id),
    faceId: ofFace(),
    /** As the clock shows it where the job is: 09:30. */
    readyBy: text('ready_by'),
    position: integer('position').notNull().default(0),
    services: text('services').notNull().default(''),
    /** Where this face's day differs from the job's. */
    differs: json('differs').$type<Partial<OccasionInput>>().notNull().default({}),
    /** How this face goes through the morning; fields left out have their defaults. */
    chair: json('chair').$type<Partial<ChairInput>>().notNull().default({}),
    createdAt: text('created_at').notNull(),
    version: version(),
    deletedAt: text('deleted_at'),
  },
  t => [index('bookings_job').on(t.jobId, t.position), index('bookings_face').on(t.faceId)],
)

/** What of a day is ticked off: of each thing the newest word. */
export const ticks = sqliteTable(
  'ticks',
  {
    /** The job's and the key's. */
    id: id(),
    jobId: partOf('job_id', () => jobs.id),
    key: text('key').notNull(),
    done: integer('done', { mode: 'boolean' }).notNull(),
    /** When it was ticked, by the clock of that device. */
    at: text('at').notNull(),
    /** What was written with it. */
    text: text('text').notNull().default(''),
  },
  t => [index('ticks_job').on(t.jobId)],
)

/** Plans that were kept, a line each. */
export const plans = sqliteTable(
  'plans',
  {
    id: id(),
    faceId: ofFace(),
    /** Null for a plan of a personal visit that was not booked. */
    bookingId: text('booking_id').references(() => bookings.id, { onDelete: 'set null' }),
    kind: text('kind').$type<PlanKind>().notNull(),
    occasion: json('occasion').$type<OccasionInput>().notNull(),
    agreed: text('agreed').notNull(),
    change: text('change').notNull(),
    layers: integer('layers').notNull(),
    minutes: real('minutes').notNull(),
    costMinor: integer('cost_minor').notNull(),
    savedAt: text('saved_at').notNull(),
    usedAt: text('used_at'),
    version: version(),
    deletedAt: text('deleted_at'),
  },
  t => [index('plans_face').on(t.faceId, t.savedAt), index('plans_booking').on(t.bookingId)],
)

/** The whole of a kept plan as it was computed, read on demand: it is large. */
export const planBodies = sqliteTable('plan_bodies', {
  planId: text('plan_id')
    .primaryKey()
    .references(() => plans.id, { onDelete: 'cascade' }),
  locks: json('locks').$type<LockInput[]>().notNull(),
  overrides: json('overrides').$type<OverrideInput[]>().notNull(),
  plan: json('plan').$type<FacePlan>().notNull(),
})
