import { and, eq, isNull } from 'drizzle-orm'
import { merged, newer, type Tick } from '#core/schedule/ticks'
import { aboutOf, notesOf } from '#shared/dayTicks'
import type { TicksInput } from '#shared/records/days/ticks'
import { db } from '../../db/connection'
import { bookings, ticks } from '../../db/schema'
import { rowsNow } from '../record/bulk'
import { now } from '../record/clock'
import { command, type Act } from '../record/command'
import { jobById } from './jobs'
import { validRows } from '../record/validRows'

/* What of a day is ticked off, on whatever device. */

type Reader = Pick<typeof db, 'select'>
const tickOf = ({ key, done, at, text }: typeof ticks.$inferSelect): Tick => ({ key, done, at, text })

export const allTicks = async (): Promise<unknown[]> => validRows('tick', await db.select().from(ticks))

const rowsOf = async (jobId: string, from: Reader = db) =>
  validRows('tick', await from.select().from(ticks).where(eq(ticks.jobId, jobId)))

/** @throws Missing */
export async function ticksOf(jobId: string): Promise<Tick[]> {
  await jobById(jobId)
  return merged((await rowsOf(jobId)).map(tickOf), [])
}

/** Notes on bookings from the chair, word for word. */
export async function notedOn(
  bookings: readonly { id: string; jobId: string }[],
): Promise<{ text: string; at: string }[]> {
  const all = []
  for (const { id, jobId } of bookings) all.push(...notesOf((await rowsOf(jobId)).map(tickOf), id))
  return all.map(({ text, at }) => ({ text, at })).sort((x, y) => Date.parse(x.at) - Date.parse(y.at))
}

/**
 * Which of these keys are about a booking of the job or a thing that is still there. A device that was away may bring back somebody who was
 * forgotten meanwhile, and what it noted of them: none of that is taken.
 */
async function stillThere(act: Act, jobId: string, keys: readonly string[]): Promise<(key: string) => boolean> {
  const about = keys.map(aboutOf)
  const wanted = about.flatMap(a => (a && 'unitId' in a ? [a.unitId] : []))
  const things = await rowsNow(act, 'units', wanted)
  const booked = await act.tx
    .select({ id: bookings.id })
    .from(bookings)
    .where(and(eq(bookings.jobId, jobId), isNull(bookings.deletedAt)))
  const ids = new Set(booked.map(b => b.id))
  return key => {
    const of = aboutOf(key)
    return of !== null && ('unitId' in of ? things.has(of.unitId) : ids.has(of.bookingId))
  }
}

/**
 * Takes in what was ticked elsewhere; answers with all of it. What is about something that is gone is not taken and not in the answer, so
 * that the device drops it, too.
 * @throws Missing
 */
export function mergeTicks(jobId: string, { ticks: told }: TicksInput): Promise<Tick[]> {
  return command('The list of the day is ticked.', async act => {
    await jobById(jobId, act.tx)
    const rows = new Map((await rowsOf(jobId, act.tx)).map(r => [r.key, r]))
    const latest = now()
    const isThere = await stillThere(
      act,
      jobId,
      told.map(t => t.key),
    )
    for (const { key, done, at: said, text } of told.filter(t => isThere(t.key))) {
      // A device whose clock is ahead does not have the last word for hours.
      const at = Date.parse(said) > Date.parse(latest) ? latest : said
      const tick = { key, done, at, text }
      const row = rows.get(key)
      if (!row) await act.insert('ticks', { id: `${jobId} ${key}`, jobId, ...tick })
      else if (newer(tickOf(row), tick) === tick) await act.update('ticks', row.id, { done, at, text })
    }
    return merged((await rowsOf(jobId, act.tx)).map(tickOf), [])
  })
}
