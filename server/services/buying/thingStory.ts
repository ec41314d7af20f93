import { and, desc, eq, inArray, isNull, or, sql } from 'drizzle-orm'
import { isCosmetic } from '#shared/records/kit/gear'
import type { ThingStory } from '#shared/records/kit/things'
import { db } from '../../db/connection'
import {
  faceHistory,
  faces,
  fills,
  jobs,
  offers,
  purchaseLines,
  recipes,
  suppliers,
  units,
  uses,
} from '../../db/schema'
import { Missing } from '../../base/problems'
import { adviceFor, revivalOf } from '../kit/handling'
import { lastingOfProduct, standInsFor } from './lastings'
import { thingsAmong } from '../kit/owned'
import { allThings } from '../kit/things'

/* Everything that is known of one thing: what it is, where others of it are, on whom it was used, in which recipes it is, what it cost. */

const SHOWN = 100

/** @param id of a unit @throws Missing */
export async function thingStory(id: string): Promise<ThingStory> {
  const all = await allThings()
  const thing = all.find(t => t.id === id)
  if (!thing) throw new Missing('This thing')
  const ids = thing.pans.length > 0 ? thing.pans.map(p => p.productId) : [thing.productId]
  const [usedOn, used] = await usesOf(ids, id)
  const made = await thingsAmong(db, ids)
  const [sole] = thing.pans.length === 0 ? made : []
  const unit = sole?.units.find(u => u.id === id)
  const only = sole && isCosmetic(sole) ? sole : null
  return {
    thing,
    products: made,
    others: all.filter(
      t => t.id !== id && t.productId === thing.productId && t.pans.length === 0 && thing.pans.length === 0,
    ),
    uses: usedOn,
    usedTimes: used,
    recipes: await recipesWith(ids),
    remembered: await rememberedOf(ids),
    lasts: only ? await lastingOfProduct(only) : null,
    decant: sole && unit ? adviceFor(sole, unit) : null,
    revival: sole && unit ? await revivalOf(sole, unit) : null,
    standIns: only?.traits.limited ? await standInsFor(only) : [],
    prices: await pricesOf(ids, id),
  }
}

async function usesOf(ids: readonly string[], unitId: string): Promise<[ThingStory['uses'], number]> {
  const mine = or(inArray(fills.productId, [...ids]), eq(uses.unitId, unitId))
  const rows = await db
    .select({
      id: uses.id,
      at: uses.at,
      amount: uses.amount,
      measure: fills.measure,
      note: uses.note,
      faceId: uses.faceId,
      face: faces.name,
      jobId: uses.jobId,
      job: jobs.name,
    })
    .from(uses)
    .leftJoin(fills, eq(uses.fillId, fills.id))
    .leftJoin(faces, and(eq(uses.faceId, faces.id), isNull(faces.deletedAt)))
    .leftJoin(jobs, and(eq(uses.jobId, jobs.id), isNull(jobs.deletedAt)))
    .where(mine)
    .orderBy(desc(uses.at), desc(sql`uses.rowid`))
    .limit(SHOWN)
  const [count] = await db
    .select({ n: sql<number>`count(*)` })
    .from(uses)
    .leftJoin(fills, eq(uses.fillId, fills.id))
    .where(mine)
  return [rows, count?.n ?? 0]
}

async function recipesWith(ids: readonly string[]): Promise<ThingStory['recipes']> {
  const names = or(
    ...ids.map(id => sql`EXISTS (SELECT 1 FROM json_each(${recipes.drops}) WHERE json_extract(value, '$.id') = ${id})`),
  )
  return db
    .select({
      id: recipes.id,
      faceId: recipes.faceId,
      face: faces.name,
      deltaE: recipes.deltaE,
      savedAt: recipes.savedAt,
      drops: recipes.drops,
      names: recipes.names,
    })
    .from(recipes)
    .innerJoin(faces, eq(recipes.faceId, faces.id))
    .where(and(isNull(recipes.deletedAt), isNull(faces.deletedAt), names))
    .orderBy(desc(recipes.savedAt))
    .limit(SHOWN)
}

const rememberedOf = (ids: readonly string[]): Promise<ThingStory['remembered']> =>
  db
    .select({
      id: faceHistory.id,
      faceId: faceHistory.faceId,
      face: faces.name,
      what: faceHistory.what,
      note: faceHistory.note,
      at: faceHistory.at,
    })
    .from(faceHistory)
    .innerJoin(faces, eq(faceHistory.faceId, faces.id))
    .where(and(inArray(faceHistory.productId, [...ids]), isNull(faces.deletedAt)))
    .orderBy(desc(faceHistory.at))
    .limit(SHOWN)

/** What was paid for each of it, and what it is offered for today. */
async function pricesOf(ids: readonly string[], unitId: string): Promise<ThingStory['prices']> {
  const paid = await db
    .select({
      at: sql<string>`coalesce(${purchaseLines.receivedAt}, ${units.createdAt})`,
      priceMinor: units.priceMinor,
      size: fills.size,
      measure: fills.measure,
    })
    .from(units)
    .innerJoin(fills, eq(fills.unitId, units.id))
    .leftJoin(purchaseLines, eq(units.purchaseLineId, purchaseLines.id))
    .where(
      and(
        or(inArray(fills.productId, [...ids]), eq(units.id, unitId)),
        isNull(units.ownerFaceId),
        sql`${units.priceMinor} IS NOT NULL`,
      ),
    )
    .groupBy(units.id)
  const offered = await db
    .select({ priceMinor: offers.priceMinor, size: offers.size, measure: offers.measure, supplier: suppliers.name })
    .from(offers)
    .innerJoin(suppliers, eq(offers.supplierId, suppliers.id))
    .where(inArray(offers.productId, [...ids]))
  return [
    ...paid.map(p => ({ ...p, priceMinor: p.priceMinor ?? 0, supplier: null })).sort((x, y) => (x.at < y.at ? 1 : -1)),
    ...offered.map(o => ({ ...o, at: null })),
  ]
}
