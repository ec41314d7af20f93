import loadHighs, { type Highs } from 'highs'
import { pack } from '#core/bag/pack'
import { buy } from '#core/buy/buy'
import { difference } from '#core/colour/difference'
import { impossibleInWords } from '#core/colour/possible'
import { ImpossibleColour, smoothestReflectance } from '#core/colour/spectrum'
import { matchWithin } from '#core/complexion/match'
import { packPigments } from '#core/complexion/bottles/pigments'
import { everyone, populationOf } from '#core/complexion/skins/population'
import { reach } from '#core/complexion/reach'
import { pigmentOfDrops, wornMatch } from '#core/complexion/mixing/worn'
import { dueAfter, OutOfTime } from '#core/due'
import { asAsked } from '#core/plan/asAsked'
import { basesFor, type BaseOffer, type BasesWish } from '#core/plan/bases'
import { planFace, type FacePlan } from '#core/plan/facePlan'
import { LockRefused } from '#core/plan/candidates/locks'
import { worthKnowing, type AllWorthKnowing } from '#core/plan/worthKnowing'
import type { KitItem } from '#core/product/item'
import { dilute } from '#core/hygiene/dilute'
import { audit, downsize, idleOf, workedOut, type Audit, type Lighter } from '#core/standard/audit'
import { fill, type Filling } from '#core/standard/fill'
import { readIngredients } from '#core/ingredients/ingredients'
import { timetable } from '#core/schedule/timetable'
import { readPasted } from '#core/stock/table/pasted'
import { ENDPOINTS, type ComputeTask, type Endpoints } from '#shared/compute/endpoints'
import type { ReachRequest } from '#shared/compute/requests'
import { readJsonText } from '#shared/checks/json'
import { offeredThings, sceneOfAudit, type AuditQuestion, type FillQuestion } from '#shared/asked/auditQuestion'
import { itemsOf, questionOf, type PlanRecords } from '#shared/asked/planQuestion'
import type { BaseAsked } from '#shared/records/people/plans'
import { today } from '#shared/today'
import { check, type Issue } from '#shared/checks/validate'

/*
 * What computes, behind a thread. A request of the compute API arrives as the bytes that were sent and leaves as the bytes to
 * answer with: reading and checking megabytes is work like any other, and the thread that answers everybody does none of it.
 */

/** An answer as bytes, or what is wrong with the question. */
export type Reply = { body: Uint8Array } | { issues: Issue[]; message?: string } | { outOfTime: number }
export type PlanReply =
  | { plan: FacePlan }
  | { bases: BaseOffer[] }
  | { worth: AllWorthKnowing }
  | { asAsked: BaseAsked['bottles'] }
  | { needsKit: true }
  | { issues: Issue[] }
  | { outOfTime: number }

const OF_FACES = ['plan', 'bases', 'as asked', 'worth knowing'] as const
const isPlanJob = (job: Job): job is PlanJob => (OF_FACES as readonly string[]).includes(job.task)

/** A plan for a kit that this thread may know already: ten thousand products are sent once, and not for each face. */
export interface PlanJob {
  task: (typeof OF_FACES)[number]
  /** How Match is steered. */
  wish?: BasesWish
  kitId: number
  kit?: PlanRecords['kit']
  records: Omit<PlanRecords, 'kit'>
}
export type Job = { task: ComputeTask; bytes: Uint8Array } | PlanJob | AuditJob | FillJob

export interface AuditJob {
  task: 'audit'
  question: AuditQuestion
}
export interface FillJob {
  task: 'fill'
  question: FillQuestion
}
export interface AuditReply {
  audit: Audit
  lighter: Lighter | null
  /** Ids of things that could go one at a time without losing an ability. */
  idle: string[]
}

type Instance<D> = D extends new () => infer T ? T : never
type Request<T extends ComputeTask> = Instance<Endpoints[T]['request']>
/** @param left milliseconds until the answer has to stand */
type Work<T extends ComputeTask> = (request: Request<T>, left: () => number) => object | Promise<object>

const tasks: { [T in ComputeTask]: Work<T> } = {
  difference: ({ pairs }) => ({ deltaE: pairs.map(([x, y]) => difference(x!, y!)) }),
  spectrum: ({ labs }) => ({ reflectance: labs.map(lab => Array.from(smoothestReflectance(lab))) }),
  match: ({ target, products, options, limit }, left) =>
    matchWithin(target, packPigments(products), options, { limit, due: dueAfter(left()) }),
  reach: ({ products, population, options }, left) =>
    reach(packPigments(products), peopleOf(population), options, undefined, dueAfter(left())),
  buy: ({ population, ...rest }, left) => buy({ ...rest, population: peopleOf(population), timeLimitMs: left() }),
  worn: ({ face, target, drops, products, thickness, illuminant }) =>
    wornMatch(pigmentOfDrops(drops, products), face, target, thickness, illuminant),
  ingredients: ({ inci }) => readIngredients(inci),
  dilute: ({ stockPercent, targetPercent, finalMl }) => dilute(stockPercent, targetPercent, finalMl),
  list: ({ lines }) => {
    const { things, headings } = readPasted(lines, today())
    return { things, headings }
  },
  timetable: (morning, left) => {
    const { start, ...rest } = timetable(morning, { timeLimitMs: left() })
    return { ...rest, start, ...(rest.feasible ? {} : { missing: -start }) }
  },
  pack: async (question, left) => pack(await solver(), question, left()),
}

let highs: Promise<Highs> | undefined
/** Made when it is first asked for: most threads never pack. */
const solver = () => (highs ??= loadHighs())

const peopleOf = (population: ReachRequest['population']) =>
  population === 'everyone' ? everyone() : populationOf(population)

// Of the time allowed, what is kept back for writing the answer down.
const FOR_ANSWERING = 0.05
/** What a plan may spend on recipes for one base; the rest of it takes a fraction of that. */
const PLAN_MIXING_MS = 2500
/** How long plans are made again to see what would change them. */
const WORTH_MS = 5000

// The one of today, and the one of the moment before.
const MOST_KITS = 2
const kits = new Map<number, KitItem[]>()
function kitOf({ kitId, kit }: PlanJob): KitItem[] | undefined {
  const known = kits.get(kitId) ?? (kit && itemsOf(kit))
  if (!known) return undefined
  kits.set(kitId, known)
  for (const id of kits.keys()) if (kits.size > MOST_KITS && id !== kitId) kits.delete(id)
  return known
}

function planOf(job: PlanJob): PlanReply {
  const items = kitOf(job)
  if (!items) return { needsKit: true }
  const question = { ...questionOf({ ...job.records, kit: [] }, items), mixingMs: PLAN_MIXING_MS }
  switch (job.task) {
    case 'plan':
      return { plan: planFace(question) }
    case 'worth knowing':
      return { worth: worthKnowing(question, dueAfter(WORTH_MS)) }
    case 'bases':
      return { bases: basesFor(question, job.wish) }
    case 'as asked':
      return {
        asAsked: asAsked(question, [...question.items, ...(question.offers ?? [])]).map(({ id, finish }) => ({
          id,
          finish,
        })),
      }
  }
}

/** What an audit may think about the fewest things; then it says how far it came. */
const AUDIT_MS = 4000
function auditOf({ question }: AuditJob): AuditReply {
  const scene = sceneOfAudit(question)
  const worked = workedOut(question.standard, scene)
  const planned = new Set(question.booked)
  const booked = new Set(
    question.things.flatMap((t, i) => ([t.productId, ...t.productIds].some(id => planned.has(id)) ? [i] : [])),
  )
  const all = () => [...worked, ...question.also.flatMap(s => workedOut(s, scene))]
  const hurried = { ...scene, due: dueAfter(AUDIT_MS) }
  return {
    audit: audit(question.standard, hurried, worked),
    lighter: question.lighterG === null ? null : downsize(all(), hurried, question.lighterG, booked, question.ahead),
    idle: idleOf(worked, scene.things, booked),
  }
}

const fillOf = ({ question }: FillJob): FillReply => ({
  filling: fill(question.ability, sceneOfAudit(question, dueAfter(AUDIT_MS)), offeredThings(question.offers)),
})

export interface FillReply {
  filling: Filling
}

export default async function run(job: Job): Promise<Reply | PlanReply | AuditReply | FillReply> {
  const begun = performance.now()
  let limit = 0
  try {
    if (isPlanJob(job)) return planOf(job)
    if (job.task === 'audit') return auditOf(job)
    if (job.task === 'fill') return fillOf(job)
    const read = readJsonText(job.bytes)
    if (!('value' in read)) return { issues: [read.issue], message: read.message }
    const checked = check<object>(ENDPOINTS[job.task].request, read.value)
    if (!checked.ok) return { issues: checked.issues }
    const request = checked.value as { timeLimitMs?: number }
    limit = request.timeLimitMs ?? 0
    const left = () => Math.max(1, limit * (1 - FOR_ANSWERING) - (performance.now() - begun))
    return await answer(tasks[job.task] as Work<ComputeTask>, request as Request<ComputeTask>, left)
  } catch (problem) {
    if (problem instanceof LockRefused) return { issues: [{ path: `locks: ${problem.key}`, message: problem.message }] }
    if (problem instanceof OutOfTime) return { outOfTime: limit }
    throw problem
  }
}

async function answer(work: Work<ComputeTask>, request: Request<ComputeTask>, left: () => number): Promise<Reply> {
  try {
    return { body: new TextEncoder().encode(JSON.stringify(await work(request, left))) }
  } catch (problem) {
    // Whether a colour is possible depends on what it is used for, so it is found out here.
    if (!(problem instanceof ImpossibleColour)) throw problem
    const { lab } = problem
    const at = coloursOf(request).filter(c => c.lab.L === lab.L && c.lab.a === lab.a && c.lab.b === lab.b)
    return { issues: at.slice(0, 50).map(({ path }) => ({ path, message: impossibleInWords(lab) })) }
  }
}

/** Where colours stand in a request, so that an impossible one can be named by its path. */
function coloursOf(request: unknown, path = ''): { path: string; lab: { L: number; a: number; b: number } }[] {
  if (Array.isArray(request)) return request.flatMap((v, i) => coloursOf(v, `${path}[${i}]`))
  if (request === null || typeof request !== 'object') return []
  if ('L' in request && 'a' in request && 'b' in request)
    return [{ path, lab: request as { L: number; a: number; b: number } }]
  return Object.entries(request).flatMap(([key, v]) => coloursOf(v, path ? `${path}.${key}` : key))
}
