import { join } from 'node:path'
import { availableParallelism } from 'node:os'
import { Piscina } from 'piscina'
import type { BaseOffer, BasesWish } from '#core/plan/bases'
import type { FacePlan } from '#core/plan/facePlan'
import type { AllWorthKnowing } from '#core/plan/worthKnowing'
import type { ComputeTask } from '#shared/compute/endpoints'
import type { Filling } from '#core/standard/fill'
import type { AuditQuestion, FillQuestion } from '#shared/asked/auditQuestion'
import type { PlanRecords } from '#shared/asked/planQuestion'
import type { BaseAsked } from '#shared/records/people/plans'
import type { AuditReply, FillReply, Job, PlanJob, PlanReply, Reply } from './worker'
import { computeHeapMb, workersFolder } from '../base/config'
import { errorDetail, log } from '../base/log'
import { BadInput, Problem } from '../base/problems'
import { FairQueue, GivenUp, type Lane } from './queue'

// The hot loops make no objects, the weighing of ten thousand products does; three threads of them fit a small computer.
const YOUNG_MB = 16

// Two at the least: one that scripts cannot take from a screen.
const THREADS = Math.max(2, Math.min(4, availableParallelism()))

const queue = new FairQueue({ slots: THREADS, scriptSlots: THREADS - 1, each: 64, all: 256 })
let pool: Piscina | undefined

/** Starts the pool; the health endpoint answers only after this. */
export function startPool(): Piscina {
  pool ??= new Piscina({
    filename: join(workersFolder(), 'compute.mjs'),
    minThreads: 1,
    maxThreads: THREADS,
    idleTimeout: 30_000,
    resourceLimits: { maxOldGenerationSizeMb: computeHeapMb(), maxYoungGenerationSizeMb: YOUNG_MB },
  })
  return pool
}

export async function stopPool(): Promise<void> {
  await pool?.destroy()
  pool = undefined
}

export interface Asking {
  /** Whoever shares one turn in the queue. */
  caller: string
  signal: AbortSignal
}

// What may be asked for as a time limit, and how far over it a thread may go before it is ended.
const MOST_MS = 60_000
const GRACE = 1.15
const GRACE_MS = 30
/** For what sets no limit of its own. */
const USUAL_MS = 10_000

/** Runs one request of the compute API: bytes in, bytes out. */
export async function computeBytes(task: ComputeTask, bytes: Uint8Array, asking: Asking): Promise<Uint8Array> {
  const limit = limitIn(bytes) ?? LIMITS[task] ?? USUAL_MS
  const reply = (await compute({ task, bytes }, 'script', limit, asking)) as Reply
  if ('issues' in reply) throw new BadInput(reply.issues, reply.message)
  if ('outOfTime' in reply) throw outOfTime(limit)
  return reply.body
}

/** Like {@link computeBytes}, for our own pages: they set the time limit themselves, so a timeout is explained in an artist's words. */
export async function computeForPage(task: ComputeTask, question: object, asking: Asking): Promise<Uint8Array> {
  try {
    return await computeBytes(task, Buffer.from(JSON.stringify(question)), asking)
  } catch (problem) {
    if (problem instanceof Problem && problem.code === 'out-of-time') throw tooMuchAtOnce()
    throw problem
  }
}
const tooMuchAtOnce = () =>
  new Problem(
    503,
    'out-of-time',
    'This takes too long with so many things or people at once. Try again in a moment; if it stays so, retire what is not carried any more or split the day in two.',
  )

const LIMITS: Partial<Record<ComputeTask, number>> = { reach: 20_000, buy: 5000 }

/** The time limit somewhere in a body: found without reading it, since the thread that ends an overlong one may not read either. */
function limitIn(bytes: Uint8Array): number | undefined {
  const at = Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength).lastIndexOf('"timeLimitMs"')
  if (at < 0) return undefined
  const digits = /^"timeLimitMs"\s{0,10}:\s{0,10}(\d{1,6})\b/.exec(
    Buffer.from(bytes.subarray(at, at + 60)).toString('latin1'),
  )
  return digits ? Math.min(MOST_MS, Number(digits[1])) : undefined
}

const kitIds = new WeakMap<PlanRecords['kit'], number>()
let kits = 0
/** The same for the same list. */
function idOf(kit: PlanRecords['kit']): number {
  const id = kitIds.get(kit) ?? ++kits
  kitIds.set(kit, id)
  return id
}

/** A plan for a face, for somebody who waits at a screen. */
export async function computePlan(records: PlanRecords, asking: Asking): Promise<FacePlan> {
  const reply = await computeFor(records, { task: 'plan' }, asking)
  if (!('plan' in reply)) throw new Error('a thread answered another question')
  return reply.plan
}

/** What could be mixed for a face, the best first. */
export async function computeBases(records: PlanRecords, wish: BasesWish, asking: Asking): Promise<BaseOffer[]> {
  const reply = await computeFor(records, { task: 'bases', wish }, asking)
  if (!('bases' in reply)) throw new Error('a thread answered another question')
  return reply.bases
}

/** Which bottles of kit and offers a base as asked may be mixed from. */
export async function computeAsAsked(records: PlanRecords, asking: Asking): Promise<BaseAsked['bottles']> {
  const reply = await computeFor(records, { task: 'as asked' }, asking)
  if (!('asAsked' in reply)) throw new Error('a thread answered another question')
  return reply.asAsked
}

/** What is worth knowing of the kit for one face. */
export async function computeWorth(records: PlanRecords, asking: Asking): Promise<AllWorthKnowing> {
  // Forty plans for one face: callers who wait for a single plan go first.
  const reply = await computeFor(records, { task: 'worth knowing' }, asking, 'script')
  if (!('worth' in reply)) throw new Error('a thread answered another question')
  return reply.worth
}

async function computeFor(
  { kit, ...records }: PlanRecords,
  what: Pick<PlanJob, 'task' | 'wish'>,
  asking: Asking,
  lane: Lane = 'screen',
) {
  const job: PlanJob = { ...what, kitId: idOf(kit), records }
  const ask = async (job: PlanJob) => (await compute(job, lane, USUAL_MS, asking)) as PlanReply
  const known = await ask(job)
  const reply = 'needsKit' in known ? await ask({ ...job, kit }) : known
  if ('needsKit' in reply) throw new Error('a thread did not take the kit it was sent')
  if ('issues' in reply) throw new BadInput(reply.issues)
  if ('outOfTime' in reply)
    throw new Problem(
      503,
      'out-of-time',
      'This plan takes too long with so many products in use: retire what is not carried any more, then try again.',
    )
  return reply
}

/** What the kit can do of a standard. */
export async function computeAudit(question: AuditQuestion, asking: Asking): Promise<AuditReply> {
  const reply = await compute({ task: 'audit', question }, 'screen', USUAL_MS, asking)
  if ('audit' in reply) return reply
  throw new Problem(503, 'out-of-time', 'This audit takes too long: choose a place, or a standard that asks less.')
}

/** What to buy so that an ability is there. */
export async function computeFilling(question: FillQuestion, asking: Asking): Promise<Filling> {
  const reply = await compute({ task: 'fill', question }, 'screen', USUAL_MS, asking)
  if ('filling' in reply) return reply.filling
  throw new Problem(503, 'out-of-time', 'This takes too long with so much to choose from: look in Buys instead.')
}

/** One job in its turn, ended a little after its time is over or when nobody waits any more. */
function compute(
  job: Job,
  lane: Lane,
  limitMs: number,
  { caller, signal }: Asking,
): Promise<Reply | PlanReply | AuditReply | FillReply> {
  return queue.run(
    lane,
    caller,
    async () => {
      const ended = new AbortController()
      const end = () => ended.abort()
      signal.addEventListener('abort', end, { once: true })
      const timer = setTimeout(end, limitMs * GRACE + GRACE_MS)
      try {
        return (await startPool().run(job, { signal: ended.signal })) as Reply | PlanReply | AuditReply | FillReply
      } catch (problem) {
        if (signal.aborted) throw new GivenUp()
        if (ended.signal.aborted) return { outOfTime: limitMs }
        log('error', 'computing broke off', { task: job.task, ...errorDetail(problem) })
        throw new Problem(
          503,
          'broke-off',
          'The computation broke off; nothing was changed. Try again, with fewer products if there are many.',
        )
      } finally {
        clearTimeout(timer)
        signal.removeEventListener('abort', end)
      }
    },
    signal,
  )
}

const outOfTime = (limitMs: number) =>
  new Problem(
    400,
    'out-of-time',
    `Not finished within ${limitMs} ms: allow more in timeLimitMs (at most ${MOST_MS}), or send fewer products, drops or products a mix.`,
    [{ path: 'timeLimitMs', message: 'is too short for this question' }],
  )
