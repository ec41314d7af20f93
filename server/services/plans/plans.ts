import { and, asc, eq, getTableColumns, inArray, isNull, sql } from 'drizzle-orm'
import type { BaseOffer } from '#core/plan/bases'
import { amountsOf } from '#core/plan/described/amounts'
import type { FacePlan } from '#core/plan/facePlan'
import { mendMishap, MISHAPS, type MendStep } from '#core/plan/mishaps'
import type { AllWorthKnowing } from '#core/plan/worthKnowing'
import { itemsOf, type PlanRecords } from '#shared/asked/planQuestion'
import { typicalSkin } from '#core/complexion/skins/skin'
import { OccasionInput } from '#shared/records/method/consultation'
import type { Face } from '#shared/records/people/faces'
import { asksOf, nextBooking, type FaceBooking } from '#shared/records/days/jobs'
import {
  locksOf,
  type BaseAsked,
  planAsNow,
  PlanInput,
  type BasesInput,
  type MishapInput,
  type FlashTestInput,
  type FlashTestRecord,
  type PaletteTestInput,
  type LayerRecords,
  type OpenPlan,
  type OverrideInput,
  type PaletteTestRecord,
  type PlanLine,
  type PlanNotesInput,
  type SavedPlan,
  type SavePlanInput,
  type Tests,
} from '#shared/records/people/plans'
import type { HouseRuleInput } from '#shared/records/method/settings'
import { factsOf } from '#shared/asked/faceFacts'
import { shelfProductOf } from '#shared/asked/kitPigments'
import { notToday } from '#shared/notToday'
import { planSettings } from '#shared/asked/planSettings'
import { stranger } from '#shared/asked/stranger'
import { today } from '#shared/today'
import { db } from '../../db/connection'
import { flashTests, jobs, paletteTests, planBodies, plans } from '../../db/schema'
import { BadInput, Conflict, Missing } from '../../base/problems'
import { expectVersion } from '../../base/stale'
import { catalogue } from '../buying/buys'
import { newId, now } from '../record/clock'
import { command, type Act } from '../record/command'
import { faceById } from '../people/faces'
import { rangesThatSeparate } from '../kit/kit'
import { ownedAmong, usableBrought, usableKit } from '../kit/owned'
import { allMixes } from '../kit/mixes'
import { markOf } from '../record/namesInReasons'
import { computeAsAsked, computeBases, computePlan, computeWorth, type Asking } from '../../compute/pool'
import { planLineOf } from '../people/planLine'
import { settings } from '../record/settings'
import { useAmounts } from '../kit/used'
import { validRows } from '../record/validRows'

/** The booking a plan is for: the one that is named, else the one that counts today; null for a personal visit. */
function bookingFor(face: Face, { bookingId }: PlanInput): FaceBooking | null {
  if (!bookingId) return nextBooking(face.bookings, today())
  const named = face.bookings.find(b => b.id === bookingId)
  if (!named) throw new BadInput([{ path: 'bookingId', message: 'is no booking of this face' }])
  return named
}

/** What the day asks: as entered now, else as booked, else as usual for a personal visit. */
const occasionOf = (booking: FaceBooking | null, { occasion }: PlanInput): OccasionInput =>
  occasion ?? (booking ? asksOf(booking) : new OccasionInput())

/** What the job of a booking prescribes, on top of the artist's own house rules. */
async function houseRulesOf(booking: FaceBooking | null): Promise<HouseRuleInput[]> {
  if (!booking) return []
  const [job] = await db.select({ houseRules: jobs.houseRules }).from(jobs).where(eq(jobs.id, booking.jobId))
  return job?.houseRules ?? []
}

/** Everything a plan for this face is computed from. */
export async function planRecords(face: Face, input: PlanInput): Promise<PlanRecords> {
  const facts = factsOf(face)
  if (!facts) throw new Conflict('The skin has not been read yet: read it first, then the plan can be made.')
  const booking = bookingFor(face, input)
  const methods = await settings()
  const { maxProducts, maxDrops, tolerance, faceMlSheer, faceMlLight, faceMlMedium, faceMlFull } = methods
  return {
    face: facts,
    job: occasionOf(booking, input),
    settings: planSettings(
      { ...methods, houseRules: [...(await houseRulesOf(booking)), ...methods.houseRules] },
      await allTests(),
      await rangesThatSeparate(),
      booking?.job.day ?? today(),
    ),
    kit: await usableKit(),
    brought: await usableBrought(face.id),
    offers: (await catalogue()).offers,
    options: { maxProducts, maxDrops, tolerance, illuminant: 'D65' },
    overrides: input.overrides,
    locks: locksOf(input.locks),
    faceMl: { sheer: faceMlSheer, light: faceMlLight, medium: faceMlMedium, full: faceMlFull },
  }
}

/** The plan for a face, computed in a worker; nothing is kept. */
export async function planFor(faceId: string, input: PlanInput, asking: Asking): Promise<FacePlan> {
  return computePlan(await planRecords(await faceById(faceId), input), asking)
}

/** Missing data of products that would change the plan for this face. */
export async function worthKnowingFor(faceId: string, input: PlanInput, asking: Asking): Promise<AllWorthKnowing> {
  return computeWorth(await planRecords(await faceById(faceId), input), asking)
}

/** What the kit can mix for a face on its day, the best first: the first is the base of its plan. */
export async function basesOf(
  faceId: string,
  { order, steers, ...input }: BasesInput,
  asking: Asking,
): Promise<BaseOffer[]> {
  return computeBases(await planRecords(await faceById(faceId), input), { order, steers }, asking)
}

/** The base that was asked for on a face, and which bottles, here or on offer, it may be mixed from. */
export async function asAskedFor(faceId: string, input: PlanInput, asking: Asking): Promise<BaseAsked> {
  const face = await faceById(faceId)
  const records = await planRecords(face, input)
  const { coverage, finish, skin } = records.face
  return { faceId, name: face.name, skin, coverage, finish, bottles: await computeAsAsked(records, asking) }
}

/** What to do about something that went wrong on a face, with what is here and may go on it. */
export async function mendFor(faceId: string, { mishap, occasion }: MishapInput): Promise<MendStep[]> {
  const face = await faceById(faceId)
  const { face: facts, job, settings, kit, brought } = await planRecords(face, { ...new PlanInput(), occasion })
  const items = itemsOf([...kit, ...brought].filter(p => p.level > 0))
  return mendMishap(
    MISHAPS.find(m => m.id === mishap)!,
    items,
    facts,
    job,
    settings,
  )
}

/** Plans for a stranger, so that the thread has its code loaded and its rules run before the first artist of the day asks. */
export async function warmPlans(): Promise<void> {
  const records = await planRecords(stranger(typicalSkin(5, 'neutral')), new PlanInput())
  const asking = { caller: 'warming', signal: new AbortController().signal }
  for (let run = 0; run < WARMING; run++) await computePlan(records, asking)
}
// After the second the thread is as fast as it gets.
const WARMING = 2

/** Computes a plan anew and keeps it with everything it says. */
export async function savePlan(faceId: string, input: SavePlanInput, asking: Asking): Promise<SavedPlan> {
  const face = await faceById(faceId)
  const booking = bookingFor(face, input)
  const plan = await computePlan(await planRecords(face, input), asking)
  const { kind, locks, overrides, agreed, change } = input
  const told = kind === 'preview' ? 'The preview' : 'The plan'
  return command(`${told} of ${markOf(faceId)} is kept.`, async act => {
    const row = { faceId, bookingId: booking?.id ?? null, kind, agreed, change, occasion: occasionOf(booking, input) }
    return insertPlan(act, row, { locks, overrides, plan })
  })
}

/** Keeps a plan with everything it says. */
export async function insertPlan(
  act: Act,
  row: Pick<typeof plans.$inferInsert, 'faceId' | 'bookingId' | 'kind' | 'agreed' | 'change' | 'occasion' | 'usedAt'>,
  body: Pick<SavedPlan, 'locks' | 'overrides' | 'plan'>,
): Promise<SavedPlan> {
  const { layers, minutes, cost } = body.plan
  const made = await act.insert('plans', {
    id: newId(),
    ...row,
    layers: layers.length,
    minutes: minutes.full,
    costMinor: cost.minor,
    savedAt: now(),
  })
  // It goes with its line, and is too large to be kept twice.
  await act.tx.insert(planBodies).values({ planId: made.id, ...body })
  return { ...planLineOf(made), ...body }
}

async function lineThere(from: Pick<typeof db, 'select'>, id: string): Promise<typeof plans.$inferSelect> {
  const [row] = await from
    .select()
    .from(plans)
    .where(and(eq(plans.id, id), isNull(plans.deletedAt)))
  if (!row) throw new Missing('This plan')
  return row
}

/** Where the products of each layer were used before: a reason to use them again. */
async function recordsOf({ layers }: FacePlan): Promise<LayerRecords> {
  const records: LayerRecords = {}
  const all = layers.flatMap(l => l.drops?.map(d => d.id) ?? [l.item.id])
  const bottles = new Map((await ownedAmong(db, [...new Set(all)])).map(p => [p.id, shelfProductOf(p)]))
  const onWhom = await onWhomUsed(all)
  for (const { key, drops, item } of layers) {
    const ids = drops?.map(d => d.id) ?? [item.id]
    const faces = (whom: 'used' | 'reacted') => new Set(ids.flatMap(id => [...(onWhom.get(id)?.[whom] ?? [])])).size
    const spoiled = ids.flatMap(id => {
      const bottle = bottles.get(id)
      return bottle ? (notToday(bottle, today()) ?? []) : []
    })
    records[key] = { faces: faces('used'), reactions: faces('reacted'), spoiled }
  }
  return records
}

/** Faces that products were used on or liked by, and those that reacted, by product. */
async function onWhomUsed(ids: readonly string[]) {
  const rows = await db.all<{ product: string; what: string; face: string }>(sql`
    SELECT DISTINCT product, what, face FROM (
      SELECT h.product_id AS product, h.what, h.face_id AS face
        FROM face_history h WHERE ${inArray(sql`h.product_id`, [...new Set(ids)])}
      UNION ALL
      SELECT fills.product_id, 'used', u.face_id
        FROM uses u JOIN fills ON fills.id = u.fill_id WHERE ${inArray(sql`fills.product_id`, [...new Set(ids)])}
    ) JOIN faces ON faces.id = face AND faces.deleted_at IS NULL
    WHERE what IN ('used', 'liked', 'reaction')`)
  const found = new Map<string, { used: Set<string>; reacted: Set<string> }>()
  for (const { product, what, face } of rows) {
    const of = found.get(product) ?? { used: new Set(), reacted: new Set() }
    found.set(product, of)
    of[what === 'reaction' ? 'reacted' : 'used'].add(face)
  }
  return found
}

/** A kept plan in full. @throws Missing */
export async function planById(id: string): Promise<OpenPlan> {
  const row = await lineThere(db, id)
  const [body] = await validRows(
    'planBody',
    (await db.select().from(planBodies).where(eq(planBodies.planId, id))).map(b => ({ ...b, id: b.planId })),
  )
  if (!body) throw new Conflict('It cannot be drawn as it stands: the Bench says what is wrong with it.')
  const { locks, overrides } = body
  const plan = planAsNow(body.plan)
  return { ...planLineOf(row), locks, overrides, plan, record: await recordsOf(plan) }
}

// They are large.
const AT_ONCE = 3
/** Reads what every kept plan says, a few at a time, so that what cannot be drawn is known; nothing of it is held. */
export async function readAllPlanBodies(rest: () => Promise<void>): Promise<void> {
  for (let from = 0; ;) {
    const rows = await db
      .select({ ...getTableColumns(planBodies), id: planBodies.planId, place: sql<number>`rowid` })
      .from(planBodies)
      .where(sql`rowid > ${from}`)
      .orderBy(sql`rowid`)
      .limit(AT_ONCE)
    if (rows.length === 0) return
    from = rows.at(-1)!.place
    await validRows(
      'planBody',
      rows.map(({ place: _place, ...row }) => row),
    )
    await rest()
  }
}

/** The newest kept plan of each of some bookings that can be drawn. */
export async function keptFor(bookingIds: readonly string[]): Promise<Map<string, KeptPlan>> {
  const rows = await db
    .select({ id: plans.id, bookingId: plans.bookingId, usedAt: plans.usedAt })
    .from(plans)
    .where(and(inArray(plans.bookingId, [...bookingIds]), isNull(plans.deletedAt)))
    .orderBy(asc(plans.savedAt))
  const newest = new Map(rows.map(r => [r.bookingId!, r]))
  const kept = new Map<string, KeptPlan>()
  for (const [bookingId, { id, usedAt }] of newest) {
    const [body] = await validRows(
      'planBody',
      (await db.select().from(planBodies).where(eq(planBodies.planId, id))).map(b => ({ ...b, id: b.planId })),
    )
    if (body) kept.set(bookingId, { id, bookingId, usedAt, plan: planAsNow(body.plan), overrides: body.overrides })
  }
  return kept
}
export interface KeptPlan {
  id: string
  bookingId: string
  usedAt: string | null
  plan: FacePlan
  overrides: OverrideInput[]
}

export function changePlanNotes(id: string, notes: PlanNotesInput): Promise<PlanLine> {
  return command('What was agreed is noted.', async act => {
    const before = await lineThere(act.tx, id)
    expectVersion('The plan', planLineOf(before), notes.version)
    return planLineOf((await act.update('plans', id, { agreed: notes.agreed, change: notes.change }))!)
  })
}

/** The plan was done: what went on this face is in the log, and that much less in the bottles. */
export function usePlan(id: string): Promise<PlanLine> {
  return command('It is on the card as used.', async act => {
    const row = await lineThere(act.tx, id)
    if (row.usedAt) throw new Conflict('This plan is on the card already: reload the page.')
    const [body] = await act.tx.select().from(planBodies).where(eq(planBodies.planId, id))
    const face = await faceById(row.faceId, act.tx)
    const jobId = face.bookings.find(b => b.id === row.bookingId)?.jobId ?? null
    const log = { at: now(), faceId: row.faceId, jobId, planId: id }
    if (body) await useAmounts(act, amountsOf(body.plan), log)
    return planLineOf((await act.update('plans', id, { usedAt: log.at }))!)
  })
}

const asTaken = asc(sql`rowid`)
export async function allTests(): Promise<Tests> {
  return {
    palette: await validRows('palette', await db.select().from(paletteTests).orderBy(asTaken)),
    flash: await validRows('flash', await db.select().from(flashTests).orderBy(asTaken)),
    mixes: await allMixes(),
  }
}

export function addPaletteTest(input: PaletteTestInput): Promise<PaletteTestRecord> {
  return command('The palette test is kept.', act => act.insert('paletteTests', { id: newId(), at: now(), ...input }))
}

export function addFlashTest(input: FlashTestInput): Promise<FlashTestRecord> {
  return command('The flash test is kept.', act => act.insert('flashTests', { id: newId(), at: now(), ...input }))
}

/** @throws Missing */
export function removeTest(
  table: 'paletteTests' | 'flashTests' | 'measuredMixes',
  id: string,
): Promise<{ id: string }> {
  const what = { paletteTests: 'palette test', flashTests: 'flash test', measuredMixes: 'measured mix' }[table]
  return command(`The ${what} is forgotten.`, async act => {
    if (!(await act.remove(table, id))) throw new Missing(`This ${what}`)
    return { id }
  })
}
