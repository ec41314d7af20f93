import { cut } from '#core/stock/list/words'
import { and, asc, eq, gt, inArray, isNull } from 'drizzle-orm'
import { countsOf, isUsedUp } from '#core/bag/counts'
import type { Venue } from '#core/bag/venue'
import { needsOf } from '#core/bag/needs'
import { amountsOf } from '#core/plan/described/amounts'
import { asWorked } from '#core/plan/asWorked'
import { isToolKind } from '#core/stock/things/kinds'
import { isReady, isLow, isUsed, type Thing } from '#core/stock/things/thing'
import type { Job } from '#shared/records/days/jobs'
import { notesOf, workedBy } from '#shared/dayTicks'
import { asksOf } from '#shared/records/days/jobs'
import { wrapFacts, type JobWrap, type Taken, type WrapFacts, type WrapInput } from '#shared/records/days/wraps'
import { today } from '#shared/today'
import type { Asking } from '../../compute/pool'
import { db } from '../../db/connection'
import { faces, fills, jobs, plans as planRows, units } from '../../db/schema'
import { BadInput, Conflict } from '../../base/problems'
import { expectVersion } from '../../base/stale'
import { newId, now } from '../record/clock'
import { command, type Act } from '../record/command'
import { dayPlansOf, planned, type DayPlan } from './dayPlans'
import { jobById } from '../jobs/jobs'
import { alongNow } from './jobTogether'
import { moveAll } from '../kit/moving'
import { ownFactors } from '../kit/ownUse'
import { placeLines } from '../kit/places'
import { insertPlan } from '../plans/plans'
import { allThings } from '../kit/things'
import { ticksOf } from '../jobs/ticks'
import { loggedOn, takeOut, useAmounts } from '../kit/used'

/* Closing a job: what the plans took is taken, but for what went otherwise, and nothing else is touched. */

/** Below this a bottle does for one face more, or for none. */
const NEARLY_OUT = 0.1
/** Of what stands with a face or on its card. */
const LONGEST_NOTES = 1000

/** What everybody was made up by: their plans with what the morning or the chair left out, and what went on instead. */
async function workedPlans(job: Job, asking: Asking): Promise<DayPlan[]> {
  const worked = workedBy(await ticksOf(job.id))
  return (await dayPlansOf(job, asking)).map(day => {
    const { cut, instead } = worked.get(day.bookingId) ?? { cut: [], instead: new Map<string, string>() }
    const before = job.bookings.find(b => b.id === day.bookingId)?.chair.cut ?? []
    const plan = day.plan && !day.used ? asWorked(day.plan, { cut: [...before, ...cut], instead }) : day.plan
    // What was worked otherwise is another plan than the one that was kept.
    return plan === day.plan ? day : { ...day, plan, kept: null }
  })
}

/** What closing a job would do; of a closed one, what it did and what is left to do. @throws Missing */
export async function wrapOf(jobId: string, asking: Asking): Promise<JobWrap> {
  const job = await jobById(jobId)
  const plans = await workedPlans(job, asking)
  const ticks = await ticksOf(jobId)
  const things = await allThings()
  const isAlong = await alongNow()
  const along = things.filter(t => isUsed(t) && isAlong(t))
  const done = plans.filter(p => !job.wrap?.notDone.includes(p.bookingId))
  const packs = done.flatMap(({ faceId, plan }) => (plan ? [{ id: faceId, pack: plan.pack }] : []))
  const low = along.filter(t => t.pans.length === 0 && (t.level <= 0 || isLow(t)))
  const home = new Set((await placeLines()).filter(p => p.sort === 'home' || p.sort === 'reserve').map(p => p.id))
  const atHome = (t: Thing) =>
    things.find(
      h => h.productId === t.productId && h.placeId !== null && home.has(h.placeId) && isReady(h, today()) && !isLow(h),
    )
  const named = new Map<string, string>()
  for (const t of low) if (!atHome(t)) named.set(t.productId, t.name)
  return {
    faces: plans.map(({ bookingId, name, plan, used }) => ({
      bookingId,
      name,
      planned: plan !== null,
      used,
      notes: notesOf(ticks, bookingId).map(n => n.text),
    })),
    taken: job.wrap ? await takenOn(jobId) : await wouldTake(done, things, isAlong, job.morning.venue),
    along: along.map(({ id, name, kind, pans }) => ({
      unitId: id,
      name,
      kind,
      pans: pans.map(p => ({ fillId: p.fillId, name: p.name })),
    })),
    wash: countsOf(packs, job.morning.venue)
      .filter(c => c.kind !== 'light' && c.kind !== 'power' && isToolKind(c.kind))
      .map(c => ({ name: c.word ?? c.shape ?? c.kind, count: c.need })),
    next: await nextAfter(job),
    refill: low.flatMap(t => {
      const other = atHome(t)
      return other ? [{ unitId: t.id, name: t.name, homeId: other.id, placeId: t.placeId }] : []
    }),
    buy: [...named].map(([productId, name]) => ({ productId, name })),
  }
}

/** What plans that are not in the log yet take of what is along, the share of what is left first. */
async function wouldTake(
  plans: readonly DayPlan[],
  things: readonly Thing[],
  isAlong: (t: Thing) => boolean,
  venue: Venue,
): Promise<Taken[]> {
  const open = planned(plans.filter(p => !p.used))
  const ready = things.filter(t => isReady(t, today()))
  return needsOf(open, ready, venue, await ownFactors())
    .filter(n => n.sort === 'bottle' || isUsedUp(n.kind))
    .flatMap(n => {
      const [first] = [...n.held].sort((x, y) => Number(isAlong(y.of)) - Number(isAlong(x.of)))
      return first
        ? [
            {
              unitId: first.of.id,
              name: n.name,
              kind: n.kind,
              measure: n.measure,
              amount: n.need,
              share: n.need / Math.max(1e-9, first.holds),
            },
          ]
        : []
    })
    .sort((x, y) => y.share - x.share)
    .map(({ share: _share, ...taken }) => taken)
}

async function takenOn(jobId: string): Promise<Taken[]> {
  const sums = new Map<string, Taken>()
  for (const { unitId, name, kind, measure, amount } of await loggedOn(jobId)) {
    const key = `${unitId} ${name}`
    sums.set(key, { unitId, name, kind, measure, amount: (sums.get(key)?.amount ?? 0) + (amount ?? 0) })
  }
  return [...sums.values()].sort((x, y) => y.amount - x.amount)
}

async function nextAfter({ id, day }: Job): Promise<JobWrap['next']> {
  const [next] = await db
    .select({ id: jobs.id, name: jobs.name, day: jobs.day })
    .from(jobs)
    .where(and(isNull(jobs.deletedAt), gt(jobs.day, day ?? today())))
    .orderBy(asc(jobs.day))
    .limit(1)
  return next && next.id !== id ? { ...next, day: next.day! } : null
}

/** Closes a job: one act, and one undo brings all of it back. @throws Conflict where it is closed already */
export async function wrapJob(jobId: string, { version, wrong, ...input }: WrapInput, asking: Asking): Promise<Job> {
  const before = await jobById(jobId)
  const plans = await workedPlans(before, asking)
  return command(`${before.name} is closed.`, async act => {
    const job = await jobById(jobId, act.tx)
    if (job.wrap) throw new Conflict('This job is closed already: undo that, or change what it took and brought.')
    if (version !== undefined) expectVersion(job.name, job, version)
    const strange = input.notDone.findIndex(id => !job.bookings.some(b => b.id === id))
    if (strange >= 0) throw new BadInput([{ path: `notDone[${strange}]`, message: 'is no booking of this job' }])
    const at = now()
    const done = plans.filter(p => !input.notDone.includes(p.bookingId) && p.plan !== null)
    const ticks = await ticksOf(jobId)
    for (const plan of plans) {
      const notes = notesOf(ticks, plan.bookingId).map(n => n.text)
      const planId = done.includes(plan) ? await useOn(act, job, plan, at) : null
      if (notes.length > 0) await keepNotes(act, job, plan.faceId, planId, notes)
    }
    await useSupplies(act, job, done, at)
    for (const [i, thing] of input.things.entries()) await went(act, job, thing, `things[${i}]`, at)
    for (const [i, one] of wrong.entries()) await wentWrong(act, job, one, `wrong[${i}]`, at)
    // What somebody reacted to is theirs, and not the job's: it goes when they are forgotten.
    await act.update('jobs', jobId, { wrap: { ...input, at } })
    return jobById(jobId, act.tx)
  })
}

/** One face: what its plan takes is gone, and the plan is on the card. @returns the plan on the card */
async function useOn(
  act: Act,
  job: Job,
  { bookingId, faceId, plan, kept, used }: DayPlan,
  at: string,
): Promise<string | null> {
  if (used) return kept?.id ?? null
  const booking = job.bookings.find(b => b.id === bookingId)!
  // What was agreed at the preview stays as it was agreed.
  const own = kept?.bookingId === bookingId ? await act.update('plans', kept.id, { usedAt: at }) : undefined
  const planId = own
    ? own.id
    : (
        await insertPlan(
          act,
          {
            faceId,
            bookingId,
            kind: 'day',
            agreed: '',
            change: '',
            usedAt: at,
            occasion: asksOf({ job: { ...job, day: job.day ?? null }, differs: booking.differs }),
          },
          { locks: [], overrides: [], plan: plan! },
        )
      ).id
  await useAmounts(act, amountsOf(plan!), { at, faceId, jobId: job.id, planId })
  return planId
}

/** What was noted at the chair stands on the card as what to change; of whom nothing was put on, with the face. */
async function keepNotes(
  act: Act,
  job: Job,
  faceId: string,
  planId: string | null,
  notes: readonly string[],
): Promise<void> {
  const after = (before: string, more: string) => cut([before, more].filter(Boolean).join('\n'), LONGEST_NOTES)
  if (planId) {
    const [plan] = await act.tx.select().from(planRows).where(eq(planRows.id, planId))
    if (plan) await act.update('plans', planId, { change: after(plan.change, notes.join('\n')) })
    return
  }
  const [face] = await act.tx.select().from(faces).where(eq(faces.id, faceId))
  const said = `${[job.name, job.day].filter(Boolean).join(', ')}: ${notes.join(' ')}`
  if (face) await act.update('faces', faceId, { notes: after(face.notes, said) })
}

/** What is thrown away, from what was along before what is at home. */
async function useSupplies(act: Act, job: Job, done: readonly DayPlan[], at: string): Promise<void> {
  const open = done.filter(p => !p.used)
  const factors = await ownFactors()
  const things = await allThings()
  const isAlong = await alongNow()
  const needs = needsOf(
    planned(open),
    things.filter(t => isReady(t, today())),
    job.morning.venue,
    factors,
  ).filter(n => n.sort === 'count' && isUsedUp(n.kind))
  for (const { need, held } of needs) {
    const order = held
      .map(h => h.of)
      .filter(t => t.sort === 'supply')
      .sort((x, y) => Number(isAlong(y)) - Number(isAlong(x)) || x.level - y.level)
    if (order.length === 0) continue
    const rows = await act.tx
      .select()
      .from(fills)
      .where(
        inArray(
          fills.unitId,
          order.map(t => t.id),
        ),
      )
    const inOrder = order.flatMap(t => rows.filter(r => r.unitId === t.id))
    await takeOut(act, inOrder, need, { at, faceId: null, jobId: job.id, planId: null })
  }
}

/** One thing that went otherwise. @throws BadInput where it is none of hers */
async function went(
  act: Act,
  job: Job,
  { unitId, fillId, what }: WrapInput['things'][number],
  path: string,
  at: string,
): Promise<void> {
  const [unit] = await act.tx.select().from(units).where(eq(units.id, unitId))
  if (!unit || unit.deletedAt !== null || unit.ownerFaceId !== null)
    throw new BadInput([{ path: `${path}.unitId`, message: 'is no thing of yours' }])
  const where = [job.name, job.place].filter(Boolean).join(', ')
  if (what === 'broken') {
    await act.update('units', unitId, { retiredAt: at, why: cut(`broken: ${where}`, 300) })
    return
  }
  if (what === 'left behind') {
    const notes = cut([unit.notes, `Left behind: ${where}.`].filter(Boolean).join(' '), 500)
    await act.update('units', unitId, { placeId: null, notes })
    return
  }
  const inside = await act.tx.select().from(fills).where(eq(fills.unitId, unitId)).orderBy(asc(fills.position))
  const fill = fillId ? inside.find(f => f.id === fillId) : inside[0]
  if (!fill) throw new BadInput([{ path: `${path}.fillId`, message: 'does not lie in this thing' }])
  const level = what === 'ran out' ? 0 : Math.min(fill.level, NEARLY_OUT)
  if (level === fill.level) return
  await act.update('fills', fill.id, { level })
  const amount = (fill.level - level) * fill.size
  await act.insert('uses', {
    id: newId(),
    at,
    fillId: fill.id,
    unitId,
    amount,
    faceId: null,
    jobId: job.id,
    planId: null,
    note: what,
  })
}

/** Reactions go into the history of the person. @throws BadInput for a booking of another job, or a product that is not hers */
async function wentWrong(
  act: Act,
  job: Job,
  { bookingId, unitId, fillId, what, note }: WrapInput['wrong'][number],
  path: string,
  at: string,
): Promise<void> {
  const booking = job.bookings.find(b => b.id === bookingId)
  if (!booking) throw new BadInput([{ path: `${path}.bookingId`, message: 'is no booking of this job' }])
  const inside = await act.tx.select().from(fills).where(eq(fills.unitId, unitId)).orderBy(asc(fills.position))
  const fill = fillId ? inside.find(f => f.id === fillId) : inside[0]
  if (!fill) throw new BadInput([{ path: `${path}.unitId`, message: 'is no thing of yours' }])
  await act.insert('faceHistory', {
    ...{ id: newId(), faceId: booking.faceId, productId: fill.productId, what, at },
    note: cut([job.name, note].filter(Boolean).join(': '), 300),
  })
}

/** What a closed job took and brought, entered later. @throws Conflict where it is open */
export function changeWrap(jobId: string, { version, ...facts }: WrapFacts): Promise<Job> {
  return command('What the job brought is changed.', async act => {
    const job = await jobById(jobId, act.tx)
    if (!job.wrap) throw new Conflict('This job is not closed yet: close it first.')
    if (version !== undefined) expectVersion(job.name, job, version)
    await act.update('jobs', jobId, { wrap: { ...job.wrap, ...wrapFacts(facts) } })
    return jobById(jobId, act.tx)
  })
}

/** What is nearly out is refilled from home: each of the others goes where the one stands that it takes over from. */
export async function refillAll(jobId: string, asking: Asking): Promise<{ moved: number }> {
  const { refill } = await wrapOf(jobId, asking)
  return command(
    `${refill.length === 1 ? `${refill[0]!.name} is` : `${refill.length} things are`} refilled.`,
    async act => {
      await moveAll(
        act,
        refill.map(r => ({ unitId: r.homeId, to: r.placeId })),
      )
      return { moved: refill.length }
    },
  )
}
