import { and, asc, eq, isNotNull, isNull, or, sql } from 'drizzle-orm'
import type { FacePlan } from '#core/suitability/facePlan'
import type { PlanRecords } from '#shared/planQuestion'
import { typicalSkin } from '#core/complexion/skin'
import { spherical } from '#core/reading/reading'
import { Consultation, type OccasionInput } from '#shared/records/consultation'
import { FaceInput, type Face, type FaceReading } from '#shared/records/faces'
import {
  locksOf,
  PlanInput,
  type FlashTestInput,
  type FlashTestRecord,
  type PaletteTestInput,
  type PaletteTestRecord,
  type PlanNotesInput,
  type SavedPlan,
  type SavePlanInput,
  type Tests,
} from '#shared/records/plans'
import { factsOf } from '#shared/faceFacts'
import { planSettings } from '#shared/planSettings'
import { today } from '#shared/today'
import { db, write } from '../db/connection'
import { faceHistory, flashTests, paletteTests, plans, products } from '../db/schema'
import { Conflict, Missing } from '../utils/problems'
import { catalogue } from './buys'
import { newId, now } from './clock'
import { faceById } from './faces'
import { recordOf } from './kit'
import { allMixes } from './mixes'
import { computePlan, type Asking } from '../compute/pool'
import { savedPlanOf } from './savedPlan'
import { settings } from './settings'
import { sound } from './sound'

/** Everything a plan for this face is computed from. */
export async function planRecords(face: Face, input: PlanInput): Promise<PlanRecords> {
  const facts = factsOf(face)
  if (!facts) throw new Conflict('The skin has not been read yet: read it first, then the plan can be made.')
  const rows = await db
    .select()
    .from(products)
    .where(
      and(
        isNull(products.deletedAt),
        isNull(products.retiredAt),
        or(isNull(products.ownerFaceId), eq(products.ownerFaceId, face.id)),
      ),
    )
    .orderBy(asc(products.createdAt), asc(products.id))
  const methods = await settings()
  const { maxProducts, maxDrops, tolerance, faceMlSheer, faceMlLight, faceMlMedium, faceMlFull } = methods
  return {
    face: facts,
    job: occasionOf(face, input),
    settings: planSettings(methods, await allTests(), face.bookedOn?.slice(0, 10) ?? today()),
    products: (await sound('product', rows)).map(recordOf),
    offers: (await catalogue()).offers,
    options: { maxProducts, maxDrops, tolerance, illuminant: 'D65' },
    overrides: input.overrides,
    locks: locksOf(input.locks),
    faceMl: { sheer: faceMlSheer, light: faceMlLight, medium: faceMlMedium, full: faceMlFull },
  }
}

const occasionOf = (face: Face, { occasion }: PlanInput): OccasionInput => occasion ?? face.consultation.occasion

/** The plan for a face, computed in a worker; nothing is kept. */
export async function planFor(faceId: string, input: PlanInput, asking: Asking): Promise<FacePlan> {
  return computePlan(await planRecords(await faceById(faceId), input), asking)
}

/** Plans for a stranger, so that the thread has its code loaded and its rules run before the first artist of the day asks. */
export async function warmPlans(): Promise<void> {
  const lab = typicalSkin(5, 'neutral')
  const reading: FaceReading = {
    id: '',
    source: 'typed',
    lab,
    covariance: [...spherical(1, 1, 1)],
    note: '',
    site: 'jaw',
    tanned: false,
    takenAt: '',
  }
  const stranger: Face = {
    ...Object.assign(new FaceInput(), { name: '' }),
    id: '',
    createdAt: '',
    consultation: new Consultation(),
    readings: [reading],
    history: [],
    pictures: [],
    own: [],
    plans: [],
    recipes: [],
    seen: [],
  }
  const records = await planRecords(stranger, new PlanInput())
  const asking = { caller: 'warming', signal: new AbortController().signal }
  for (let run = 0; run < WARMING; run++) await computePlan(records, asking)
}
// After the second the thread is as fast as it gets.
const WARMING = 2

/** Computes a plan anew and keeps it with everything it says. */
export async function savePlan(faceId: string, input: SavePlanInput, asking: Asking): Promise<SavedPlan> {
  const face = await faceById(faceId)
  const plan = await computePlan(await planRecords(face, input), asking)
  const { kind, locks, overrides, agreed, change } = input
  return write(async tx => {
    const [row] = await tx
      .insert(plans)
      .values({
        id: newId(),
        faceId,
        kind,
        locks,
        overrides,
        agreed,
        change,
        plan,
        occasion: occasionOf(face, input),
        savedAt: now(),
      })
      .returning()
    return savedPlanOf(row!)
  })
}

export function setPlanDeleted(id: string, deleted: boolean): Promise<SavedPlan> {
  return write(async tx => {
    const [row] = await tx
      .update(plans)
      .set({ deletedAt: deleted ? now() : null })
      .where(and(eq(plans.id, id), deleted ? isNull(plans.deletedAt) : isNotNull(plans.deletedAt)))
      .returning()
    if (!row) throw new Missing('This plan')
    return savedPlanOf(row)
  })
}

export function changePlanNotes(id: string, notes: PlanNotesInput): Promise<SavedPlan> {
  return write(async tx => {
    const [row] = await tx
      .update(plans)
      .set({ agreed: notes.agreed, change: notes.change })
      .where(and(eq(plans.id, id), isNull(plans.deletedAt)))
      .returning()
    if (!row) throw new Missing('This plan')
    return savedPlanOf(row)
  })
}

/** The plan was done: every product of it was used on this face once more. */
export function usePlan(id: string): Promise<SavedPlan> {
  return write(async tx => {
    const [row] = await tx
      .select()
      .from(plans)
      .where(and(eq(plans.id, id), isNull(plans.deletedAt)))
    if (!row) throw new Missing('This plan')
    if (row.usedAt) throw new Conflict('This plan is on the card already: reload the page.')
    const at = now()
    const known = new Set((await tx.select({ id: products.id }).from(products)).map(p => p.id))
    const used = [...new Set(row.plan.layers.flatMap(l => l.drops?.map(d => d.id) ?? [l.item.id]))].filter(p =>
      known.has(p),
    )
    if (used.length > 0) {
      await tx
        .insert(faceHistory)
        .values(
          used.map(productId => ({ id: newId(), faceId: row.faceId, productId, what: 'used' as const, note: '', at })),
        )
    }
    const [done] = await tx.update(plans).set({ usedAt: at }).where(eq(plans.id, id)).returning()
    return savedPlanOf(done!)
  })
}

/** Undo of {@link usePlan}. */
export function unusePlan(id: string): Promise<SavedPlan> {
  return write(async tx => {
    const [row] = await tx.select().from(plans).where(eq(plans.id, id))
    if (!row?.usedAt) throw new Missing('This use')
    await tx.delete(faceHistory).where(and(eq(faceHistory.faceId, row.faceId), eq(faceHistory.at, row.usedAt)))
    const [back] = await tx.update(plans).set({ usedAt: null }).where(eq(plans.id, id)).returning()
    return savedPlanOf(back!)
  })
}

export async function allTests(): Promise<Tests> {
  return {
    palette: await sound(
      'palette',
      await db
        .select()
        .from(paletteTests)
        .orderBy(asc(sql`rowid`)),
    ),
    flash: await sound(
      'flash',
      await db
        .select()
        .from(flashTests)
        .orderBy(asc(sql`rowid`)),
    ),
    mixes: await allMixes(),
  }
}

export function addPaletteTest(input: PaletteTestInput): Promise<PaletteTestRecord> {
  return write(
    async tx =>
      (
        await tx
          .insert(paletteTests)
          .values({ id: newId(), at: now(), ...input })
          .returning()
      )[0]!,
  )
}

export function removePaletteTest(id: string): Promise<PaletteTestRecord> {
  return write(async tx => {
    const [row] = await tx.delete(paletteTests).where(eq(paletteTests.id, id)).returning()
    if (!row) throw new Missing('This palette test')
    return row
  })
}

export function addFlashTest(input: FlashTestInput): Promise<FlashTestRecord> {
  return write(
    async tx =>
      (
        await tx
          .insert(flashTests)
          .values({ id: newId(), at: now(), ...input })
          .returning()
      )[0]!,
  )
}

export function removeFlashTest(id: string): Promise<FlashTestRecord> {
  return write(async tx => {
    const [row] = await tx.delete(flashTests).where(eq(flashTests.id, id)).returning()
    if (!row) throw new Missing('This flash test')
    return row
  })
}
