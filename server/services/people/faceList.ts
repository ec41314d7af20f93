import { and, count, eq, inArray, isNull, sql, type SQL } from 'drizzle-orm'
import type { FaceLine, FacePage, FacesQuery } from '#shared/records/people/clientele'
import { nextBooking } from '#shared/records/days/jobs'
import { today } from '#shared/today'
import { db } from '../../db/connection'
import { faces } from '../../db/schema'
import { bookingsOf } from '../jobs/jobs'
import { afterPlace, cursorOf } from '../record/listing'
import { validRows } from '../record/validRows'
import { targetsOf } from './targets'

type FaceRow = typeof faces.$inferSelect

/** Faces as a list shows them; those that cannot be used are left out. */
export async function linesOf(rows: readonly FaceRow[]): Promise<FaceLine[]> {
  const good = await validRows('face', rows)
  const ids = good.map(r => r.id)
  const targets = await targetsOf(ids)
  const booked = await bookingsOf(db, ids)
  return good.map(({ id, name, skinType }) => {
    const booking = nextBooking(booked.get(id) ?? [], today())
    return {
      id,
      name,
      skinType,
      lab: targets.get(id)?.mean ?? null,
      booking: booking && { jobId: booking.jobId, name: booking.job.name, day: booking.job.day },
    }
  })
}

/** The soonest day to come of a face, as SQL; null for nobody booked. */
export const comingDay = (day: string): SQL<string | null> => sql`(
  SELECT min(j.day) FROM bookings b JOIN jobs j ON j.id = b.job_id
  WHERE b.face_id = ${faces.id} AND b.deleted_at IS NULL AND j.deleted_at IS NULL AND j.day >= ${day})`

/** The soonest day to come of everybody booked, as SQL: few are. */
const comingDays = (day: string): SQL => sql`
  SELECT b.face_id, min(j.day) AS day FROM jobs j JOIN bookings b ON b.job_id = j.id
  WHERE j.day >= ${day} AND j.deleted_at IS NULL AND b.deleted_at IS NULL GROUP BY b.face_id`

const countOf = async (fits: SQL | undefined): Promise<number> =>
  (await db.select({ n: count() }).from(faces).where(fits))[0]?.n ?? 0

/** The depth of the newest reading, as SQL: lightest first when turned round. */
const newestL = sql`(SELECT r.l FROM readings r WHERE r.face_id = ${faces.id} AND r.deleted_at IS NULL ORDER BY r.rowid DESC LIMIT 1)`

/** Whether every word is found in a face's record, its jobs or its wishes. */
function says(word: string): SQL {
  // SQLite takes the letters of ASCII alone for the same in both cases.
  const low = word.toLowerCase()
  const forms = [...new Set([word, low, word.toUpperCase(), low.charAt(0).toUpperCase() + low.slice(1)])]
  const any = forms.map(form => {
    const like = `%${form.replace(/[\\%_]/g, '\\$&')}%`
    return sql`(${faces.name} LIKE ${like} ESCAPE '\\' OR ${faces.wishes} LIKE ${like} ESCAPE '\\' OR ${faces.notes} LIKE ${like} ESCAPE '\\'
      OR EXISTS (SELECT 1 FROM bookings b JOIN jobs j ON j.id = b.job_id WHERE b.face_id = ${faces.id} AND b.deleted_at IS NULL
        AND j.deleted_at IS NULL AND j.name LIKE ${like} ESCAPE '\\'))`
  })
  return sql`(${sql.join(any, sql` OR `)})`
}

/** Faces a page at a time: searched, filtered and in order. */
export async function faceList({ q, skin, order, cursor, limit }: FacesQuery): Promise<FacePage> {
  const words = q.split(/\s+/).filter(Boolean).slice(0, 8)
  const fits = and(isNull(faces.deletedAt), skin ? eq(faces.skinType, skin) : undefined, ...words.map(says))
  const first: Record<typeof order, SQL> = {
    booked: sql`coalesce((SELECT day FROM coming WHERE face_id = ${faces.id}), '9')`,
    name: sql`''`,
    depth: sql`-coalesce(${newestL}, -1)`,
  }
  const after = afterPlace(cursor)
  // Once for each face, and not again for each comparison: SQLite would put the whole expression wherever its name stands.
  const rows = await db.all<{ id: string; key: string | number; name: string; n: number }>(sql`
    WITH coming AS MATERIALIZED (${comingDays(today())}),
      fitting AS MATERIALIZED (SELECT ${faces.id} AS id, ${faces.name} AS name, ${first[order]} AS key FROM ${faces} WHERE ${fits})
    SELECT id, key, name, (SELECT count(*) FROM fitting) AS n FROM fitting
    WHERE ${after ? sql`(key, name, id) > (${after.key}, ${after.name}, ${after.id})` : sql`1`}
    ORDER BY key, name, id LIMIT ${limit + 1}`)
  const shown = rows.slice(0, limit)
  const full = await db
    .select()
    .from(faces)
    .where(
      inArray(
        faces.id,
        shown.map(r => r.id),
      ),
    )
  const byId = new Map((await linesOf(full)).map(line => [line.id, line]))
  const count = rows[0]?.n ?? (after ? await countOf(fits) : 0)
  return {
    lines: shown.flatMap(r => byId.get(r.id) ?? []),
    next: rows.length > limit ? cursorOf(shown.at(-1)!) : null,
    count,
  }
}
