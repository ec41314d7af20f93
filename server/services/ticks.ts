import { eq } from 'drizzle-orm'
import { merged, newer, type Tick } from '#core/schedule/ticks'
import { notesOf } from '#shared/dayTicks'
import type { TicksInput } from '#shared/records/ticks'
import { db } from '../db/connection'
import { ticks } from '../db/schema'
import { now } from './clock'
import { command } from './command'
import { jobById } from './jobs'
import { sound } from './sound'

/* What of a day is ticked off, on whatever device. */

type Reader = Pick<typeof db, 'select'>
const tickOf = ({ key, done, at, text }: typeof ticks.$inferSelect): Tick => ({ key, done, at, text })

export const allTicks = async (): Promise<unknown[]> => sound('tick', await db.select().from(ticks))

const rowsOf = async (jobId: string, from: Reader = db) =>
  sound('tick', await from.select().from(ticks).where(eq(ticks.jobId, jobId)))

/** @throws Missing */
export async function ticksOf(jobId: string): Promise<Tick[]> {
  await jobById(jobId)
  return merged((await rowsOf(jobId)).map(tickOf), [])
}

/** What was noted of bookings at the chair, as it was said. */
export async function notedOn(
  bookings: readonly { id: string; jobId: string }[],
): Promise<{ text: string; at: string }[]> {
  const all = []
  for (const { id, jobId } of bookings) all.push(...notesOf((await rowsOf(jobId)).map(tickOf), id))
  return all.map(({ text, at }) => ({ text, at })).sort((x, y) => Date.parse(x.at) - Date.parse(y.at))
}

/** Takes in what was ticked elsewhere; answers with all of it. @throws Missing */
export function mergeTicks(jobId: string, { ticks: told }: TicksInput): Promise<Tick[]> {
  return command('The list of the day is ticked.', async act => {
    await jobById(jobId, act.tx)
    const rows = new Map((await rowsOf(jobId, act.tx)).map(r => [r.key, r]))
    const latest = now()
    for (const { key, done, at: said, text } of told) {
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
