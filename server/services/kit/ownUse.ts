import { and, desc, eq, isNotNull, isNull, sql } from 'drizzle-orm'
import { countsOf, isUsedUp } from '#core/bag/counts'
import { factorsOf, ownUseOf, type JobUse, type OwnUse } from '#core/bag/ownUse'
import type { OwnedKind } from '#core/stock/things/kinds'
import { db } from '../../db/connection'
import { bookings, jobs, planBodies, plans } from '../../db/schema'
import { untilWritten } from '../record/untilWritten'
import { loggedOn } from './used'

/* What of supplies is really thrown away on a face, by the last closed jobs. */

const LOOKED_AT = 20

/** What is known of each supply. */
export const ownUse: () => Promise<OwnUse[]> = untilWritten(async () => {
  const closed = await db
    .select({ id: jobs.id, morning: jobs.morning })
    .from(jobs)
    .where(and(isNull(jobs.deletedAt), isNotNull(jobs.wrap), isNotNull(jobs.day)))
    .orderBy(desc(jobs.day))
    .limit(LOOKED_AT)
  const uses: JobUse[] = []
  for (const { id, morning } of closed) {
    const packs = await packsOn(id)
    const planned = new Map<OwnedKind, number>()
    for (const { kind, need } of countsOf(packs, morning.venue))
      if (isUsedUp(kind)) planned.set(kind, (planned.get(kind) ?? 0) + need)
    const real = new Map<OwnedKind, number>()
    for (const { kind, amount } of await loggedOn(id)) real.set(kind, (real.get(kind) ?? 0) + (amount ?? 0))
    uses.push({ faces: packs.length, planned, real })
  }
  return ownUseOf(uses)
})

/** How much more of each kind is taken than is usual. */
export const ownFactors = async (): Promise<Map<OwnedKind, number>> => factorsOf(await ownUse())

/** What the plans took that were used on a job, by face. */
async function packsOn(jobId: string): Promise<{ id: string; pack: string[] }[]> {
  const rows = await db
    .select({ id: plans.faceId, pack: sql<string>`json_extract(${planBodies.plan}, '$.pack')` })
    .from(plans)
    .innerJoin(bookings, eq(plans.bookingId, bookings.id))
    .innerJoin(planBodies, eq(planBodies.planId, plans.id))
    .where(and(eq(bookings.jobId, jobId), isNotNull(plans.usedAt), isNull(plans.deletedAt)))
  return rows.map(({ id, pack }) => ({ id, pack: JSON.parse(pack ?? '[]') as string[] }))
}
