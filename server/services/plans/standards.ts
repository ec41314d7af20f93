import { desc, eq, isNotNull, isNull, max, min, ne, sql } from 'drizzle-orm'
import { deadWeight, USED_BEFORE, type UseLog } from '#core/stock/ends/deadWeight'
import { isCarried, within } from '#core/stock/things/places'
import { isReady, type Thing } from '#core/stock/things/thing'
import type { TakenAhead } from '#core/standard/audit'
import { SHIPPED_STANDARDS } from '#core/standard/shipped'
import type { Standard } from '#core/standard/standard'
import type { HeldThing } from '#shared/asked/auditQuestion'
import { mixingFacts } from '#shared/asked/kitPigments'
import { planSettings } from '#shared/asked/planSettings'
import { today } from '#shared/today'
import type { PlaceLine } from '#shared/records/kit/things'
import type {
  AuditAnswer,
  AuditInput,
  FillAnswer,
  FillInput,
  StandardInput,
  StandardLine,
} from '#shared/records/kit/standards'
import { computeAudit, computeFilling, type Asking } from '../../compute/pool'
import { db } from '../../db/connection'
import { bookings, fills, jobs, recipes, standards, uses } from '../../db/schema'
import { Missing } from '../../base/problems'
import { expectVersion } from '../../base/stale'
import { catalogue } from '../buying/buys'
import { clientele } from '../people/clientele'
import { command } from '../record/command'
import { rangesThatSeparate } from '../kit/kit'
import { usableKit } from '../kit/owned'
import { placeLines } from '../kit/places'
import { allTests } from './plans'
import { settings } from '../record/settings'
import { validRows } from '../record/validRows'
import { allThings } from '../kit/things'

/* Standards of a kit, ours and the artist's, and what her kit can do of them. */

type Reader = Pick<typeof db, 'select'>

export const standardsKept = async (from: Reader = db) =>
  validRows('standard', await from.select().from(standards).where(isNull(standards.deletedAt)))

/** Every standard there is: ours as the artist changed them, then her own. */
export async function allStandards(): Promise<StandardLine[]> {
  const kept = new Map((await standardsKept()).map(s => [s.id, s.value]))
  const shipped = new Set(SHIPPED_STANDARDS.map(s => s.id))
  const line = ({ id, name, meant, abilities }: Standard): StandardLine => ({
    id,
    name,
    meant,
    abilities: abilities.length,
    shipped: shipped.has(id),
    changed: kept.has(id),
  })
  return [
    ...SHIPPED_STANDARDS.map(s => line(kept.get(s.id) ?? s)),
    ...[...kept.values()].filter(s => !shipped.has(s.id)).map(line),
  ]
}

/** @throws Missing */
export async function standardById(id: string): Promise<Standard> {
  const kept = (await standardsKept()).find(s => s.id === id)?.value
  const found = kept ?? SHIPPED_STANDARDS.find(s => s.id === id)
  if (!found) throw new Missing('This standard')
  return found
}

/** A standard as its file has it. */
export async function standardFile(id: string): Promise<StandardInput> {
  const standard = await standardById(id)
  const row = (await standardsKept()).find(s => s.id === id)
  const madeFrom = row ? { madeFrom: row.version } : {}
  return { ...(standard as unknown as StandardInput), format: 'varietas.kit-standard', version: 1, ...madeFrom }
}

/** Keeps a standard under its id, in place of what was there. @throws Stale where that was changed since the file was made */
export function keepStandard({ madeFrom, ...input }: StandardInput): Promise<Standard> {
  return command(`${input.name} is kept.`, async act => {
    const value = JSON.parse(JSON.stringify(input)) as Standard
    const [row] = await act.tx.select().from(standards).where(eq(standards.id, input.id))
    if (row && row.deletedAt === null) expectVersion(row.value.name, row, madeFrom)
    if (row) await act.update('standards', input.id, { value, deletedAt: null })
    else await act.insert('standards', { id: input.id, value })
    return value
  })
}

/** Lets go of a standard; one of ours is as it came again. */
export function dropStandard(id: string): Promise<{ id: string }> {
  return command('The standard is as it was.', async act => {
    const [row] = await act.tx.select().from(standards).where(eq(standards.id, id))
    if (!row || row.deletedAt !== null) throw new Missing('This standard')
    await act.update('standards', id, { deletedAt: new Date().toISOString() })
    return { id }
  })
}

/** Faces of the largest party ahead; of nobody booked, one. */
async function largestParty(): Promise<number> {
  const rows = await db
    .select({ jobId: bookings.jobId, day: jobs.day, gone: jobs.deletedAt, off: bookings.deletedAt })
    .from(bookings)
    .innerJoin(jobs, eq(bookings.jobId, jobs.id))
  const ahead = rows.filter(r => r.gone === null && r.off === null && (r.day === null || r.day >= today()))
  const counts = new Map<string, number>()
  for (const { jobId } of ahead) counts.set(jobId, (counts.get(jobId) ?? 0) + 1)
  return Math.max(1, ...counts.values())
}

/** What people on record declared that they react to, each once. */
const everDeclared = async (): Promise<string[]> =>
  [...new Set((await clientele()).faces.flatMap(f => f.sensitivities))].sort().slice(0, MOST_DECLARED)
const MOST_DECLARED = 24

/** How many a thing is when it is counted: pieces of a pack, brushes of a set, one bottle. */
const countOf = (t: Thing): number =>
  t.sort === 'supply' && t.measure === 'piece' && t.size > 1 ? Math.round(t.size * t.level) * t.count : t.count

const heldOf = (t: Thing): HeldThing => ({
  id: t.id,
  productId: t.productId,
  kind: t.kind,
  name: t.name,
  count: countOf(t),
  massG: t.massG,
  shape: t.shape,
  percent: t.percent,
  productIds:
    t.pans.length > 0
      ? t.pans.filter(p => p.level > 0).map(p => p.productId)
      : t.sort === 'cosmetic'
        ? [t.productId]
        : [],
})

/**
 * Whether a thing in a place answers for the kit: what goes along does, and what has no place yet; what is at home only where that is asked;
 * what is lent never.
 */
function answersFor(lines: readonly PlaceLine[], atHomeToo: boolean): (placeId: string | null) => boolean {
  const sorts = new Map(lines.map(p => [p.id, p.sort]))
  return placeId => {
    const sort = placeId === null ? undefined : sorts.get(placeId)
    return sort === undefined || (sort !== 'lent' && (atHomeToo || isCarried(sort)))
  }
}

/** What is asked of the kit, or of the things in one place. */
async function questionOf(input: Pick<AuditInput, 'standardId' | 'standard' | 'placeId' | 'atHomeToo'>) {
  const standard = input.standard ? (input.standard as unknown as Standard) : await standardById(input.standardId)
  const day = today()
  const lines = await placeLines()
  if (input.placeId && !lines.some(p => p.id === input.placeId)) throw new Missing('This place')
  const isThere = input.placeId
    ? (id: string | null) => id !== null && within(lines, input.placeId!).has(id)
    : answersFor(lines, input.atHomeToo)
  const there = (await allThings()).filter(t => isReady(t, day) && isThere(t.placeId))
  const kit = await usableKit()
  const held = there.map(heldOf)
  const wanted = new Set(held.flatMap(t => t.productIds))
  const methods = await settings()
  const tests = await allTests()
  const apart = await rangesThatSeparate()
  const question = {
    things: held,
    products: kit.filter(p => wanted.has(p.id)),
    mixing: mixingFacts(apart, tests.palette, methods),
    settings: planSettings(methods, tests, apart, day),
    party: await largestParty(),
    declared: await everDeclared(),
  }
  return { standard, there, question }
}

/** What the kit, or the things in one place, can do of a standard, and how much lighter it can be. */
export async function auditNow(
  input: AuditInput,
  asking: Asking,
  ahead: { products: readonly string[]; taken: readonly TakenAhead[] } = { products: [], taken: [] },
): Promise<AuditAnswer> {
  const { standard, there, question } = await questionOf(input)
  const booked = [...(await bookedProducts()), ...ahead.products]
  const also = await Promise.all((input.also ?? []).filter(id => id !== standard.id).map(standardById))
  const found = await computeAudit(
    { ...question, standard, booked, also, ahead: ahead.taken, lighterG: input.lighterG ?? null },
    asking,
  )
  const { id, name, meant } = standard
  const idle = new Set(found.idle)
  const used = await usedUnits()
  return {
    standard: { id, name, meant },
    audit: found.audit,
    lighter: found.lighter,
    party: question.party,
    things: there.map(t => ({
      id: t.id,
      productId: t.productId,
      name: t.name,
      massG: t.massG,
      lab: t.lab,
      kind: t.kind,
    })),
    deadWeight: deadWeight(there, idle, used, today()),
  }
}

/** Products that kept plans of faces booked from today on name. */
async function bookedProducts(): Promise<string[]> {
  const rows = await db.all<{ id: string | null }>(sql`
    SELECT DISTINCT coalesce(json_extract(d.value, '$.id'), json_extract(l.value, '$.item.id')) AS id
    FROM plan_bodies
      JOIN plans ON plans.id = plan_bodies.plan_id AND plans.deleted_at IS NULL
      JOIN bookings ON bookings.id = plans.booking_id AND bookings.deleted_at IS NULL
      JOIN jobs ON jobs.id = bookings.job_id AND jobs.deleted_at IS NULL AND (jobs.day IS NULL OR jobs.day >= ${today()})
      JOIN json_each(plan_bodies.plan, '$.layers') l
      LEFT JOIN json_each(l.value, '$.drops') d`)
  return rows.flatMap(r => r.id ?? [])
}

const JOBS_LOOKED_AT = 20
/** When each thing was last used, as far as the log says, and which products recipes name. */
async function usedUnits(): Promise<UseLog> {
  const rows = await db
    .select({ unitId: uses.unitId, productId: fills.productId, last: max(uses.at) })
    .from(uses)
    .leftJoin(fills, eq(uses.fillId, fills.id))
    .groupBy(uses.unitId, fills.productId)
  const lastUses = new Map<string, string>()
  const products = new Map<string, string>()
  const later = (of: Map<string, string>, id: string | null, at: string | null) => {
    if (id && at && at > (of.get(id) ?? '')) of.set(id, at)
  }
  for (const { unitId, productId, last } of rows) {
    later(lastUses, unitId, last)
    later(products, productId, last)
  }
  const [record] = await db
    .select({ begun: min(uses.at) })
    .from(uses)
    .where(ne(uses.note, USED_BEFORE))
  const days = await db
    .select({ jobId: uses.jobId, day: max(uses.at) })
    .from(uses)
    .where(isNotNull(uses.jobId))
    .groupBy(uses.jobId)
    .orderBy(desc(max(uses.at)))
    .limit(JOBS_LOOKED_AT)
  const drops = await db.select({ drops: recipes.drops }).from(recipes).where(isNull(recipes.deletedAt))
  return {
    units: lastUses,
    products,
    inRecipes: new Set(drops.flatMap(r => r.drops.map(d => d.id))),
    begun: record?.begun ?? null,
    twentyJobsAgo: days.length < JOBS_LOOKED_AT ? null : (days.at(-1)!.day ?? null),
  }
}

/** The cheapest of what is offered that fills a gap. */
export async function fillGap(input: FillInput, asking: Asking): Promise<FillAnswer> {
  const { standard, question } = await questionOf(input)
  const ability = standard.abilities.find(a => a.id === input.abilityId)
  if (!ability) throw new Missing('This ability')
  const { offers, gear, suppliers } = await catalogue()
  const all = [...offers, ...gear].filter(o => o.inStock)
  const found = await computeFilling({ ...question, ability, offers: all }, asking)
  const byId = new Map(all.map(o => [o.id, o]))
  return {
    ...found,
    buy: found.buy.map(({ offerId, count: so }) => {
      const { shade, kind, priceMinor, supplierId } = byId.get(offerId)!
      const supplier = suppliers.find(s => s.id === supplierId)?.name ?? ''
      return { offerId, count: so, name: shade, kind, priceMinor, supplier }
    }),
  }
}
