import { and, desc, inArray, isNull, sql } from 'drizzle-orm'
import { isPossible } from '#core/colour/possible'
import type { Lab } from '#core/colour/lab'
import type { Covariance } from '#core/reading/reading'
import { USUAL_SITES, type SiteWeights } from '#core/reading/sites'
import { targetOnTheDay, type DayTarget, type TanReading } from '#core/reading/tan'
import { isPlainObject } from '#shared/checks/shape'
import { db, onWritten } from '../../db/connection'
import { faces, readings } from '../../db/schema'

/*
 * What a base has to agree with on each face, reckoned from the readings once and kept until something of that face is written. It
 * follows from the rows alone: forgotten, it comes out the same again.
 */

const known = new Map<string, DayTarget | null>()
/** Counts the writes: what was reckoned across one is not kept. */
let writes = 0
onWritten(touched => {
  writes++
  if (touched === null) known.clear()
  else for (const id of touched.faces) known.delete(id)
})

// So many at a time: everybody else waits meanwhile.
const AT_ONCE = 250

/** By face; null for a skin that is not read. */
export async function targetsOf(faceIds: readonly string[]): Promise<Map<string, DayTarget | null>> {
  const found = new Map<string, DayTarget | null>()
  const missing: string[] = []
  for (const id of faceIds) {
    const target = known.get(id)
    if (target === undefined) missing.push(id)
    else found.set(id, target)
  }
  for (let i = 0; i < missing.length; i += AT_ONCE) {
    if (i > 0) await new Promise(setImmediate)
    const since = writes
    const some = await reckon(missing.slice(i, i + AT_ONCE))
    for (const [id, target] of some) {
      found.set(id, target)
      if (since === writes) known.set(id, target)
    }
  }
  return found
}

async function reckon(ids: readonly string[]): Promise<Map<string, DayTarget | null>> {
  const answers = await db
    .select({
      id: faces.id,
      weights: sql<
        string | null
      >`CASE WHEN json_valid(consultation) THEN json_extract(consultation, '$.siteWeights') END`,
      tanOn: sql<number | null>`CASE WHEN json_valid(consultation) THEN json_extract(consultation, '$.tanOn') END`,
    })
    .from(faces)
    .where(inArray(faces.id, [...ids]))
  const rows = await db
    .select({
      faceId: readings.faceId,
      L: readings.L,
      a: readings.a,
      b: readings.b,
      covariance: readings.covariance,
      site: readings.site,
      tanned: readings.tanned,
    })
    .from(readings)
    .where(and(inArray(readings.faceId, [...ids]), isNull(readings.deletedAt)))
    .orderBy(desc(sql`rowid`))
  const byFace = new Map<string, TanReading[]>()
  for (const { faceId, L, a, b, covariance, site, tanned } of rows) {
    const mean: Lab = { L, a, b }
    // A reading that cannot be used is set aside where the face is opened; it counts for nothing here.
    if (!isReadable(mean, covariance)) continue
    const reading = { mean, covariance: covariance as unknown as Covariance, site, tanned }
    byFace.set(faceId, [...(byFace.get(faceId) ?? []), reading])
  }
  const targets = new Map<string, DayTarget | null>(ids.map(id => [id, null]))
  for (const { id, weights, tanOn } of answers) {
    const own = byFace.get(id)
    if (own) targets.set(id, targetOnTheDay(own, weightsOf(weights), tanOn === null ? null : Boolean(tanOn)))
  }
  return targets
}

const isReadable = ({ L, a, b }: Lab, covariance: unknown): boolean =>
  [L, a, b].every(v => typeof v === 'number' && Number.isFinite(v))
  && isPossible({ L, a, b })
  && Array.isArray(covariance)
  && covariance.length === 6
  && covariance.every(v => typeof v === 'number')

function weightsOf(text: string | null): SiteWeights {
  const said: unknown = text === null ? null : JSON.parse(text)
  return isPlainObject(said) ? (said as SiteWeights) : { ...USUAL_SITES }
}
