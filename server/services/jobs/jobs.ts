import { cut } from '#core/stock/list/words'
import { addDays, formatISO, parseISO } from 'date-fns'
import { and, asc, count, eq, inArray, isNull, max, sql } from 'drizzle-orm'
import { OccasionInput } from '#shared/records/method/consultation'
import {
  orderVersion,
  ChairInput,
  jobInput,
  MorningInput,
  type CutsInput,
  type Booking,
  type BookingForFace,
  type BookingInput,
  type FaceBooking,
  type Job,
  type JobInput,
  type JobsInput,
  type JobLine,
  type NewBookingInput,
  type OrderInput,
} from '#shared/records/days/jobs'
import { usualCarrying } from '#core/bag/bag'
import { BagInput } from '#shared/records/days/bags'
import { QuoteInput } from '#shared/records/days/quotes'
import { db } from '../../db/connection'
import { bookings, faces, jobs } from '../../db/schema'
import { BadInput, Conflict, Missing } from '../../base/problems'
import { expectVersion } from '../../base/stale'
import { newId, now } from '../record/clock'
import { command, type Act } from '../record/command'
import { markOf } from '../record/namesInReasons'
import { present } from '../record/present'
import { validRows } from '../record/validRows'

/* Days of work, and who is on them. */

type Reader = Pick<typeof db, 'select'>
type JobRow = typeof jobs.$inferSelect
type BookingRow = typeof bookings.$inferSelect

/** What a day asks; fields left out have their defaults. */
const conditionsOf = ({ conditions }: Pick<JobRow, 'conditions'>): OccasionInput => ({
  ...new OccasionInput(),
  ...conditions,
})
/** How the morning goes; fields left out have their defaults. */
const morningOf = ({ morning }: Pick<JobRow, 'morning'>): MorningInput => ({ ...new MorningInput(), ...morning })
const bookingOf = ({ createdAt: _made, deletedAt: _gone, ...row }: BookingRow): Booking => ({
  ...row,
  chair: { ...new ChairInput(), ...row.chair },
})

/** Bookings by face, the soonest first and those without a day last. */
export async function bookingsOf(from: Reader, faceIds: readonly string[]): Promise<Map<string, FaceBooking[]>> {
  if (faceIds.length === 0) return new Map()
  const rows = await from
    .select({ booking: bookings, job: jobs })
    .from(bookings)
    .innerJoin(jobs, eq(bookings.jobId, jobs.id))
    .where(and(inArray(bookings.faceId, [...faceIds]), isNull(bookings.deletedAt), isNull(jobs.deletedAt)))
    .orderBy(asc(sql`${jobs.day} IS NULL`), asc(jobs.day), asc(jobs.id))
  const good = new Set(
    (
      await validRows(
        'booking',
        rows.map(r => r.booking),
      )
    ).map(b => b.id),
  )
  const kept = new Set(
    (
      await validRows(
        'job',
        rows.map(r => r.job),
      )
    ).map(j => j.id),
  )
  const byFace = new Map<string, FaceBooking[]>()
  for (const { booking, job } of rows) {
    if (!good.has(booking.id) || !kept.has(job.id)) continue
    const { name, day, place, version } = job
    const entry = { ...bookingOf(booking), job: { name, day, place, version, conditions: conditionsOf(job) } }
    byFace.set(booking.faceId, [...(byFace.get(booking.faceId) ?? []), entry])
  }
  return byFace
}

/** All jobs, the coming ones first, then those without a day, then the past. @param day today as a date */
export async function allJobs(day: string): Promise<JobLine[]> {
  const rows = await validRows(
    'job',
    await db.select().from(jobs).where(isNull(jobs.deletedAt)).orderBy(asc(jobs.day), asc(jobs.id)),
  )
  const counted = await db
    .select({ jobId: bookings.jobId, faces: count() })
    .from(bookings)
    .innerJoin(faces, eq(bookings.faceId, faces.id))
    .where(and(isNull(bookings.deletedAt), isNull(faces.deletedAt)))
    .groupBy(bookings.jobId)
  const facesOn = new Map(counted.map(c => [c.jobId, c.faces]))
  const lines = rows.map(row => ({
    id: row.id,
    name: row.name,
    day: row.day,
    place: row.place,
    type: conditionsOf(row).type,
    faces: facesOn.get(row.id) ?? 0,
  }))
  const coming = lines.filter(j => j.day !== null && j.day >= day)
  const past = lines.filter(j => j.day !== null && j.day < day).reverse()
  return [...coming, ...lines.filter(j => j.day === null), ...past]
}

/** @throws Missing */
export async function jobById(id: string, from: Reader = db): Promise<Job> {
  const [row] = await validRows(
    'job',
    await from
      .select()
      .from(jobs)
      .where(and(eq(jobs.id, id), isNull(jobs.deletedAt))),
  )
  if (!row) throw new Missing('This job')
  const booked = await from
    .select({ booking: bookings, faceName: faces.name })
    .from(bookings)
    .innerJoin(faces, eq(bookings.faceId, faces.id))
    .where(and(eq(bookings.jobId, id), isNull(bookings.deletedAt), isNull(faces.deletedAt)))
    .orderBy(asc(bookings.position), asc(bookings.createdAt), asc(bookings.id))
  const good = new Set(
    (
      await validRows(
        'booking',
        booked.map(b => b.booking),
      )
    ).map(b => b.id),
  )
  const { deletedAt: _gone, ...rest } = row
  return {
    ...rest,
    conditions: conditionsOf(row),
    morning: morningOf(row),
    bag: { ...new BagInput(), carrying: usualCarrying(conditionsOf(row).type), ...row.bag },
    quote: { ...new QuoteInput(), ...row.quote },
    bookings: booked
      .filter(b => good.has(b.booking.id))
      .map(({ booking, faceName }) => ({ ...bookingOf(booking), faceName })),
  }
}

const jobColumns = ({ name, day, timeZone, place, conditions, morning, houseRules, notes, previewOfId }: JobInput) => ({
  name,
  day: day ?? null,
  timeZone,
  place,
  conditions,
  morning,
  houseRules,
  notes,
  previewOfId: previewOfId ?? null,
})

async function insertJob(act: Act, input: JobInput): Promise<string> {
  if (input.previewOfId) await jobThere(act, input.previewOfId, 'previewOfId')
  return (await act.insert('jobs', { id: newId(), createdAt: now(), ...jobColumns(input) })).id
}

async function jobThere(act: Act, id: string, path: string): Promise<JobRow> {
  const [row] = await act.tx
    .select()
    .from(jobs)
    .where(and(eq(jobs.id, id), isNull(jobs.deletedAt)))
  if (!row) throw new BadInput([{ path, message: 'is no job of yours' }])
  return row
}

export function addJob(input: JobInput): Promise<Job> {
  return command(`${input.name} is written down.`, async act => jobById(await insertJob(act, input), act.tx))
}

/** Several days written down as one act. */
export function addJobs({ jobs: inputs }: JobsInput): Promise<{ ids: string[] }> {
  const [first] = inputs
  const words = inputs.length === 1 ? `${first!.name} is written down.` : `${inputs.length} days are written down.`
  return command(words, async act => {
    const ids: string[] = []
    for (const input of inputs) ids.push(await insertJob(act, input))
    return { ids }
  })
}

export function changeJob(id: string, input: JobInput): Promise<Job> {
  return command(`${input.name} is changed.`, async act => {
    const before = await jobById(id, act.tx)
    expectVersion(before.name, before, input.version)
    if (input.previewOfId === id) throw new BadInput([{ path: 'previewOfId', message: 'cannot be the job itself' }])
    if (input.previewOfId) await jobThere(act, input.previewOfId, 'previewOfId')
    await act.update('jobs', id, jobColumns(input))
    return jobById(id, act.tx)
  })
}

/**
 * The day after, of work that goes on: the same people at the same hours, made up as they were the day before, since that day is what this
 * one goes by, as by a preview. What the day before was already a preview of comes after it.
 */
export function nextDay(id: string): Promise<{ id: string }> {
  let words = ''
  return command(
    () => words,
    async act => {
      const { bookings: on, wrap: _wrap, ...job } = await jobById(id, act.tx)
      if (!job.day) throw new Conflict('This job has no day yet: say when it is first.')
      const day = formatISO(addDays(parseISO(job.day.slice(0, 10)), 1), { representation: 'date' })
      const next = await insertJob(act, { ...jobInput({ ...job, bookings: on, wrap: null }), day })
      await act.update('jobs', id, { previewOfId: next })
      await act.update('jobs', next, { bag: job.bag, quote: { ...job.quote, feeMinor: null } })
      for (const { faceId, ...booking } of on)
        await insertBooking(act, faceId, { ...booking, jobId: next, chair: { ...booking.chair, cut: [] } })
      words = `${job.name} goes on the day after.`
      return { id: next }
    },
  )
}

/** The same again on a day to come: what was asked, who was on it, how it was packed and quoted. */
export function repeatJob(id: string): Promise<{ id: string }> {
  let name = ''
  return command(
    () => `${name} is written down once more.`,
    async act => {
      const { bookings: on, wrap, ...job } = await jobById(id, act.tx)
      const notes = cut([job.notes, wrap?.notes].filter(Boolean).join(' '), 1000)
      const again = await insertJob(act, {
        ...jobInput({ ...job, bookings: on, wrap }),
        notes,
        day: null,
        previewOfId: null,
      })
      const { leave: _left, ...bag } = job.bag
      await act.update('jobs', again, { bag, quote: { ...job.quote, feeMinor: null } })
      for (const { faceId, ...booking } of on)
        await insertBooking(act, faceId, { ...booking, jobId: again, chair: { ...booking.chair, notReady: false } })
      name = job.name
      return { id: again }
    },
  )
}

export function removeJob(id: string): Promise<{ id: string }> {
  let name = ''
  return command(
    () => `${name} is deleted.`,
    async act => {
      name = (await jobById(id, act.tx)).name
      await act.update('jobs', id, { deletedAt: now() })
      return { id }
    },
  )
}

async function insertBooking(act: Act, faceId: string, input: BookingInput): Promise<Booking> {
  const [twice] = await act.tx
    .select({ id: bookings.id })
    .from(bookings)
    .where(and(eq(bookings.jobId, input.jobId), eq(bookings.faceId, faceId), isNull(bookings.deletedAt)))
  if (twice) throw new Conflict('This face is on that job already.')
  const row = await act.insert('bookings', {
    id: newId(),
    faceId,
    createdAt: now(),
    ...bookingColumns(input),
  })
  return bookingOf(row)
}

const bookingColumns = ({ jobId, readyBy, position, services, differs, chair }: BookingInput) => ({
  chair,
  jobId,
  readyBy: readyBy ?? null,
  position,
  services,
  differs: Object.fromEntries(Object.entries(differs).filter(([, v]) => v !== undefined && v !== null)),
})

async function lastPlace(act: Act, jobId: string): Promise<number> {
  const [last] = await act.tx
    .select({ position: max(bookings.position) })
    .from(bookings)
    .where(and(eq(bookings.jobId, jobId), isNull(bookings.deletedAt)))
  return (last?.position ?? -1) + 1
}

/** Puts a face on a job, last in its order, and makes the job where it is a new one. */
export async function bookFace(act: Act, faceId: string, { jobId, job }: BookingForFace): Promise<Booking> {
  const id = job ? await insertJob(act, job) : (await jobThere(act, jobId!, 'booking.jobId')).id
  return insertBooking(act, faceId, {
    jobId: id,
    position: await lastPlace(act, id),
    services: '',
    differs: {},
    chair: new ChairInput(),
  })
}

export function addBooking({ faceId, ...input }: NewBookingInput): Promise<Booking> {
  return command(`${markOf(faceId)} is booked.`, async act => {
    await present(act.tx, faceId)
    await jobThere(act, input.jobId, 'jobId')
    return insertBooking(act, faceId, input)
  })
}

/** A booking made from the face, on a job there is or on a new one. */
export function addBookingFor(faceId: string, input: BookingForFace): Promise<Booking> {
  return command(`${markOf(faceId)} is booked.`, async act => {
    await present(act.tx, faceId)
    return bookFace(act, faceId, input)
  })
}

async function bookingThere(act: Act, id: string): Promise<BookingRow> {
  const [row] = await act.tx
    .select()
    .from(bookings)
    .where(and(eq(bookings.id, id), isNull(bookings.deletedAt)))
  if (!row) throw new Missing('This booking')
  return row
}

/** Changes a booking: another job, another place in the order, what differs that day. */
export function changeBooking(id: string, input: BookingInput): Promise<Booking> {
  let who = ''
  return command(
    () => `The booking of ${markOf(who)} is changed.`,
    async act => {
      const before = await bookingThere(act, id)
      who = before.faceId
      expectVersion('The booking', bookingOf(before), input.version)
      if (input.jobId !== before.jobId) {
        await jobThere(act, input.jobId, 'jobId')
        const [twice] = await act.tx
          .select({ id: bookings.id })
          .from(bookings)
          .where(and(eq(bookings.jobId, input.jobId), eq(bookings.faceId, who), isNull(bookings.deletedAt)))
        if (twice) throw new Conflict('This face is on that job already.')
      }
      return bookingOf((await act.update('bookings', id, bookingColumns(input)))!)
    },
  )
}

export function removeBooking(id: string): Promise<{ id: string }> {
  let who = ''
  return command(
    () => `${markOf(who)} is off the job.`,
    async act => {
      who = (await bookingThere(act, id)).faceId
      await act.update('bookings', id, { deletedAt: now() })
      return { id }
    },
  )
}

/** Everybody of a job in a new order, by booking. @throws BadInput where one is not of this job */
export function orderBookings(jobId: string, { ids, keep, version }: OrderInput): Promise<Job> {
  return command('The order of the day is changed.', async act => {
    const job = await jobById(jobId, act.tx)
    expectVersion(job.name, { ...job, version: orderVersion(job) }, version)
    const strange = ids.findIndex(id => !job.bookings.some(b => b.id === id))
    if (strange >= 0) throw new BadInput([{ path: `ids[${strange}]`, message: 'is no booking of this job' }])
    for (const [position, id] of ids.entries()) await act.update('bookings', id, { position })
    if (keep !== undefined && keep !== job.morning.keepOrder)
      await act.update('jobs', jobId, { morning: { ...job.morning, keepOrder: keep } })
    return jobById(jobId, act.tx)
  })
}

/** Leaves something out on some of a job, as one act. @throws BadInput where a booking is not of this job */
export function cutOn(jobId: string, { cuts }: CutsInput): Promise<Job> {
  return command('The morning is shorter.', async act => {
    const job = await jobById(jobId, act.tx)
    for (const [i, { bookingId }] of cuts.entries())
      if (!job.bookings.some(b => b.id === bookingId))
        throw new BadInput([{ path: `cuts[${i}].bookingId`, message: 'is no booking of this job' }])
    for (const { id, chair } of job.bookings) {
      const slots = cuts.filter(c => c.bookingId === id).map(c => c.slot)
      if (slots.length > 0)
        await act.update('bookings', id, { chair: { ...chair, cut: [...new Set([...chair.cut, ...slots])] } })
    }
    return jobById(jobId, act.tx)
  })
}
