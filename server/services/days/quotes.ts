import { countsOf, isUsedUp } from '#core/bag/counts'
import type { Venue } from '#core/bag/venue'
import { clientLines, quoteFor, type ClientFace, type Quote, type QuoteFacts, type QuoteHours } from '#core/money/quote'
import { settle } from '#core/money/settled'
import { USUAL_CHAIR, type ChairTime } from '#core/plan/layers/chair'
import { dayText } from '#core/dayText'
import { isItemKind, isToolKind } from '#core/stock/things/kinds'
import type { Thing } from '#core/stock/things/thing'
import type { Job } from '#shared/records/days/jobs'
import type { JobQuote, QuoteInput } from '#shared/records/days/quotes'
import type { Wrap } from '#shared/records/days/wraps'
import { today } from '#shared/today'
import type { Asking } from '../../compute/pool'
import { fontsFolder } from '../../base/config'
import { keep } from '../../keeping/thread'
import { expectVersion } from '../../base/stale'
import { catalogue } from '../buying/buys'
import { command } from '../record/command'
import { dayPlansOf, type DayPlan } from './dayPlans'
import { jobById } from '../jobs/jobs'
import type { JobPaper } from '../papers/jobPapers'
import { ownFactors } from '../kit/ownUse'
import { currencyOf } from '../record/currency'
import { settings } from '../record/settings'
import { allThings } from '../kit/things'
import { loggedOn } from '../kit/used'

/* What a job costs, the least fee that is worth taking, and how it turned out. */

export function setQuote(jobId: string, { version, ...quote }: QuoteInput): Promise<Job> {
  return command('The quote is changed.', async act => {
    const job = await jobById(jobId, act.tx)
    if (version !== undefined) expectVersion(job.name, job, version)
    await act.update('jobs', jobId, { quote })
    return jobById(jobId, act.tx)
  })
}

/** @throws Missing */
export async function quoteOf(jobId: string, asking: Asking): Promise<JobQuote> {
  const job = await jobById(jobId)
  const { facts, faces, guessed, unpriced, unsaid } = await reckoned(job, await dayPlansOf(job, asking))
  const quote = quoteFor(facts)
  const settled = await settledOf(job, quote, facts)
  return { quote, guessed, unpriced, unsaid, settled, ...askedFor(job, quote, faces) }
}

/** Minutes at the chair of one face, without what is left out on it. */
const minutesOf = (chair: ChairTime, cut: readonly string[], changeover: number) =>
  chair.before
  + chair.after
  + chair.touchUp
  + changeover
  - chair.cuts.filter(c => cut.includes(c.slot)).reduce((all, c) => all + c.minutes, 0)

async function reckoned(job: Job, plans: readonly DayPlan[]) {
  const { hourMinor, kmMinor, marginPercent, toolFaces } = await settings()
  const { quote, morning } = job
  const costs = plans.flatMap(p => (p.plan ? [p.plan.cost.minor] : []))
  const usual = costs.length > 0 ? costs.reduce((x, y) => x + y, 0) / costs.length : 0
  const faces = job.bookings.map((b, i) =>
    minutesOf(plans[i]?.plan?.chair ?? USUAL_CHAIR, b.chair.cut, morning.changeover),
  )
  const tools = await countedOf(plans, toolFaces, job.morning.venue)
  const hands = 1 + morning.others.length
  const facts: QuoteFacts = {
    faces: job.bookings.length,
    minutes: {
      setUp: morning.setUp * hands,
      faces: Math.ceil(faces.reduce((x, y) => x + y, 0)),
      standingBy: quote.standingByMinutes,
      packDown: morning.packDown * hands,
      cleaning: quote.cleaningMinutes,
      travel: quote.travelMinutes * hands,
    },
    productsMinor: costs.reduce((x, y) => x + y, 0) + usual * (plans.length - costs.length),
    disposablesMinor: tools.disposablesMinor,
    wearMinor: tools.wearMinor,
    hourMinor: quote.hourMinor ?? hourMinor ?? 0,
    km: quote.km,
    kmMinor: kmMinor ?? 0,
    faresMinor: quote.faresMinor,
    extras: quote.extras,
    marginPercent: quote.marginPercent ?? marginPercent,
  }
  return {
    facts,
    faces,
    guessed: plans.filter(p => p.plan === null).map(p => p.name),
    unsaid: unsaidOf(quote.hourMinor ?? hourMinor, quote.km > 0 ? kmMinor : 0),
    unpriced: [...new Set([...plans.flatMap(p => p.plan?.cost.unpriced ?? []), ...tools.unpriced])],
  }
}

const unsaidOf = (hourMinor: number | null, kmMinor: number | null): JobQuote['unsaid'] => [
  ...(hourMinor === null ? (['hour'] as const) : []),
  ...(kmMinor === null ? (['kilometre'] as const) : []),
]

/** What the client is asked for, and reads. */
function askedFor(job: Job, quote: Quote, minutes: readonly number[]) {
  const feeMinor = job.quote.feeMinor ?? quote.leastMinor
  const people = job.bookings.map((b, i): ClientFace => ({ services: b.services, minutes: minutes[i]! }))
  return { feeMinor, client: clientLines(quote, people, feeMinor, WORDS) }
}
const WORDS = { face: 'Make-up', travel: 'Travel', standingBy: 'Standing by', fee: 'Make-up' }

/** What is thrown away, and what is worn off the tools of a day, by the prices one paid or would pay. */
async function countedOf(plans: readonly DayPlan[], toolFaces: number, venue: Venue) {
  const packs = plans.flatMap(({ faceId, plan }) => (plan ? [{ id: faceId, pack: plan.pack }] : []))
  const counts = countsOf(packs, venue, await ownFactors())
  const things = (await allThings()).filter(t => t.priceMinor !== null)
  const { gear } = await catalogue()
  const unpriced: string[] = []
  let [disposablesMinor, wearMinor] = [0, 0]
  for (const { kind, shape, need, faces } of counts) {
    // What goes on is in the plans.
    if (isItemKind(kind)) continue
    const isOne = (o: { kind: string; shape: string }) =>
      shape ? o.kind === 'brush' && o.shape === shape : o.kind === kind
    const owned = things.filter(isOne).map(eachMinor)
    const sold = gear.filter(isOne).map(o => o.priceMinor / (isToolKind(kind) ? 1 : Math.max(1, o.sizeMl)))
    const [each] = [...owned, ...sold]
    if (each === undefined) unpriced.push(shape ?? kind)
    else if (isToolKind(kind)) wearMinor += (each / toolFaces) * Math.max(1, faces.length)
    else if (isUsedUp(kind)) disposablesMinor += each * need
  }
  return { disposablesMinor, wearMinor, unpriced }
}
/** What one is, of a set or a pack. */
const eachMinor = (t: Thing) => t.priceMinor! / (t.sort === 'tool' ? t.count : Math.max(1, t.size) * t.count)

const DAY_MINUTES = 24 * 60
const clock = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5))

/** Minutes a job took there; null where not noted. Whoever ends after midnight began the day before. */
export const minutesThere = ({ began, ended }: Wrap): number | null =>
  began && ended ? (clock(ended) - clock(began) + DAY_MINUTES) % DAY_MINUTES : null

/** How a closed job turned out; null while it is open. */
async function settledOf(job: Job, planned: Quote, facts: QuoteFacts) {
  const { wrap, quote } = job
  if (!wrap) return null
  const used = await usedOn(job.id)
  const minutes: QuoteHours = { ...facts.minutes, travel: wrap.travelMinutes ?? facts.minutes.travel }
  const there = minutesThere(wrap)
  if (there !== null) {
    minutes.faces = Math.max(0, there - minutes.setUp - minutes.packDown - minutes.standingBy)
  }
  const real = quoteFor({
    ...facts,
    minutes,
    ...used,
    km: wrap.km ?? facts.km,
    faresMinor: wrap.spentMinor ?? facts.faresMinor,
  })
  return settle(planned, real, {
    paidMinor: wrap.paidMinor ?? 0,
    tipMinor: wrap.tipMinor,
    feeMinor: quote.feeMinor ?? planned.leastMinor,
  })
}

/** What the log says was used on a job, by the prices paid; what it says nothing of is left out. */
export async function usedOn(jobId: string): Promise<Partial<Pick<QuoteFacts, 'productsMinor' | 'disposablesMinor'>>> {
  // The price of a palette is that of all its colours.
  const pans = new Map((await allThings()).map(t => [t.id, Math.max(1, t.pans.length)]))
  const sums: Awaited<ReturnType<typeof usedOn>> = {}
  for (const { amount, sort, priceMinor, count, size, unitId } of await loggedOn(jobId)) {
    if (amount === null || priceMinor === null || size <= 0) continue
    const what = sort === 'cosmetic' ? 'productsMinor' : 'disposablesMinor'
    sums[what] = (sums[what] ?? 0) + (amount * priceMinor) / (size * count * (pans.get(unitId) ?? 1))
  }
  return sums
}

/** A paper of a job as a PDF. @throws Missing */
export async function paperOf(
  jobId: string,
  sort: 'quote' | 'agreement',
  asking: Asking,
  languages: string | null,
): Promise<Uint8Array> {
  const job = await jobById(jobId)
  const plans = await dayPlansOf(job, asking)
  const { facts, faces } = await reckoned(job, plans)
  const { feeMinor, client: lines } = askedFor(job, quoteFor(facts), faces)
  const order: JobPaper = {
    job: job.name,
    day: job.day ? dayText(job.day) : '',
    place: job.place,
    client: job.quote.client,
    currency: (await settings()).currency || currencyOf(languages),
    lines,
    feeMinor,
    people: job.bookings.map(b => ({
      name: b.faceName,
      services: b.services,
      readyBy: b.readyBy ?? job.morning.readyBy ?? '',
    })),
    begins: job.morning.notBefore ?? '',
    venue: job.morning.venue,
    written: dayText(today()),
  }
  return keep(sort, { order, fonts: fontsFolder() }, asking.signal)
}
