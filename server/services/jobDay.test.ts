import { pack, type PackQuestion } from '#core/bag/pack'
import { planFace } from '#core/plan/facePlan'
import { questionOf, type PlanRecords } from '#shared/planQuestion'
import { OccasionInput } from '#shared/records/consultation'
import { cutKey, insteadKey, noteKey } from '#shared/dayTicks'
import { BagInput } from '#shared/records/bags'
import { JobInput, NewBookingInput } from '#shared/records/jobs'
import { SavePlanInput } from '#shared/records/plans'
import { QuoteInput } from '#shared/records/quotes'
import { WrapInput, WENT, type ThingThatWent } from '#shared/records/wraps'
import highsLoader from 'highs'
import { seeded } from '../../tests/support/random'
import { services } from '../../tests/support/services'

const highs = highsLoader()
jest.mock('../compute/pool', () => ({
  computePlan: (records: PlanRecords) => Promise.resolve(planFace(questionOf(records))),
  computeBytes: async (_task: string, bytes: Uint8Array) =>
    Buffer.from(JSON.stringify(pack(await highs, JSON.parse(Buffer.from(bytes).toString()) as PackQuestion, 3000))),
}))
const on = services(async s => {
  await s.stockSimulatedSuppliers()
  await s.loadDemo()
})
const asking = { caller: 'test', signal: new AbortController().signal }
const jobNamed = async (name: string) => (await on.allJobs('2020-01-01')).find(j => j.name.startsWith(name))!.id
const checksOf = async (id: string) => (await on.readyFor(id, asking)).checks
type Found = Awaited<ReturnType<typeof checksOf>>
const of = <I extends Found[number]['is']>(checks: Found, is: I) =>
  checks.find(c => c.is === is) as Extract<Found[number], { is: I }>

/** Every row there is, by table, but for the history of changes, and for how often each was written. */
async function everything(): Promise<Record<string, Record<string, unknown>>> {
  const all: Record<string, Record<string, unknown>> = {}
  const { db } = await import('../db/connection')
  const { changes: _told, ...tables } = on.tables
  for (const [name, table] of Object.entries(tables)) {
    if (typeof table !== 'object' || !('id' in table)) continue
    const rows = (await db.select().from(table as typeof on.tables.jobs)) as unknown as Record<string, unknown>[]
    all[name] = Object.fromEntries(
      rows.filter(r => r.deletedAt == null).map(({ version: _v, ...row }) => [String(row.id), row]),
    )
  }
  return all
}
/** Fields that differ, as "table id field". */
function differences(x: Awaited<ReturnType<typeof everything>>, y: typeof x): string[] {
  return Object.keys(x).flatMap(table =>
    [...new Set([...Object.keys(x[table]!), ...Object.keys(y[table]!)])].flatMap(id => {
      const [a, b] = [x[table]![id], y[table]![id]] as (Record<string, unknown> | undefined)[]
      if (!a || !b) return [`${table} ${a ? 'gone' : 'new'}`]
      return Object.keys(a).flatMap(f => (JSON.stringify(a[f]) === JSON.stringify(b[f]) ? [] : [`${table} ${id} ${f}`]))
    }),
  )
}

describe('the championship, mended step by step', () => {
  it('says all that is wrong with it, and each mend takes its own word away', async () => {
    const id = await jobNamed('Tidewater')
    const first = await checksOf(id)
    expect(first.map(c => c.is)).toEqual(
      expect.arrayContaining(['unmatched', 'against', 'lacking', 'bring', 'past', 'heavy', 'buried']),
    )
    const { over } = of(first, 'heavy')
    expect(over.overG).toBeGreaterThan(2900)
    expect(over.overG).toBeLessThan(3400)
    expect(over.proven).toBe(true)
    const { face, found } = of(first, 'against')
    expect(found[0]!.sentence).toMatch(/SPF 30: pale in flash/)

    await on.layInOrder(id, asking)
    await on.savePlan(face.faceId, Object.assign(new SavePlanInput(), { bookingId: face.bookingId }), asking)
    await on.bringAll(id, asking)
    await on.leaveAtHome(id, of(first, 'past').ids)
    const second = await checksOf(id)
    for (const word of ['buried', 'against', 'bring', 'past'] as const) expect(of(second, word)).toBeUndefined()

    await on.buyLacking(id, asking)
    expect(of(await checksOf(id), 'lacking')).toMatchObject({ onTheWay: true })
    for (const p of await on.allPurchases()) for (const l of p.lines) await on.receive(l.id)
    const third = await checksOf(id)
    expect(of(third, 'lacking')).toBeUndefined()

    await on.leaveAtHome(
      id,
      of(third, 'heavy').over.leave.map(l => l.unitId),
    )
    // Neither is too heavy, nor is what was left asked for again.
    expect((await checksOf(id)).map(c => c.is)).toEqual(['unmatched'])
  })

  it('takes a tiny bag to one known face, says what is carried for nothing, and does without what nobody sells', async () => {
    const conditions = Object.assign(new OccasionInput(), { type: 'personal' })
    const { id } = await on.addJob(Object.assign(new JobInput(), { name: 'One face', day: '2027-02-06', conditions }))
    expect((await on.jobById(id)).bag.carrying).toBe('lean')
    const face = (await on.allFaces()).find(f => f.readings.length > 0)!
    await on.addBooking(Object.assign(new NewBookingInput(), { jobId: id, faceId: face.id }))
    const first = await checksOf(id)
    const out = of(first, 'out')
    expect(out.massG).toBeGreaterThan(1000)
    await on.takeOut(id, asking)
    expect(of(await checksOf(id), 'out')).toBeUndefined()
    const lacking = of(first, 'lacking')
    if (lacking) await on.setBag(id, Object.assign(new BagInput(), { carrying: 'lean', without: lacking.keys }))
    const bag = await on.bagOf(id, asking)
    expect(bag.lacking).toEqual([])
    expect(bag.without.map(w => w.key)).toEqual(lacking?.keys ?? [])
  })

  it('asks for what the place lacks, until it is there; the wrap takes what was brought for it', async () => {
    const id = await jobNamed('Vow')
    const job = await on.jobById(id)
    const { bag: _bag, quote: _quote, wrap: _wrap, bookings, createdAt: _made, id: _id, ...input } = job
    const lacks = { stairs: 2, power: false, water: false, table: false }
    expect((await on.readyFor(id, asking)).venue).toEqual({ stairs: null, charge: [], noWater: false, noTable: false })
    await on.changeJob(id, { ...input, morning: { ...input.morning, venue: lacks } })
    const there = await on.bagOf(id, asking)
    expect(there.venue).toMatchObject({ stairs: { flights: 2 }, noWater: true, noTable: true })
    expect(there.venue.stairs!.massG).toBeCloseTo(
      there.places.filter(p => p.depth === 0).reduce((sum, p) => sum + p.packed.massG, 0),
      6,
    )
    const keys = [...there.lacking.map(l => l.key), ...there.goes.map(g => g.name.toLowerCase())].join()
    for (const word of ['brush roll', 'wipes']) expect(keys).toContain(word)
    expect(there.goes.some(g => /lead|extension/i.test(g.name) && g.why === 'day')).toBe(false)
    const wipes = (await on.wrapOf(id, asking)).taken.find(t => t.kind === 'wet wipes')
    const lackingWipes = there.lacking.find(l => l.key === 'wet wipes')
    expect(wipes?.amount ?? lackingWipes?.need).toBe(4 + 3 * bookings.length)
  })

  it('is worked from whole: every mix names its bottles, and nothing else is kept of what was weighed', async () => {
    const { faces, bottles } = await on.jobChair(await jobNamed('Vow'), asking)
    expect(faces.map(f => f.name)).toHaveLength(4)
    const layers = faces.flatMap(f => f.plan?.layers ?? [])
    const mixed = layers.flatMap(l => l.drops ?? [])
    expect(mixed.length).toBeGreaterThan(0)
    for (const { id } of mixed) expect(bottles[id]?.shade).toBeTruthy()
    expect(layers.flatMap(l => l.alternatives.flatMap(a => a.findings))).toEqual([])
    for (const f of faces) expect(f.between.length > 0).toBe(f.plan !== null)
    await expect(on.jobChair('none', asking)).rejects.toThrow()
  })

  it('goes lean or with everything, as it is asked', async () => {
    const id = await jobNamed('Ferry')
    const count = async (carrying: BagInput['carrying']) => {
      await on.setBag(id, Object.assign(new BagInput(), { carrying }))
      return (await on.bagOf(id, asking)).goes.length
    }
    const lean = await count('lean')
    expect(await count('ready for nearly anyone')).toBeGreaterThan(lean)
    await expect(on.setBag(id, Object.assign(new BagInput(), { listId: 'none' }))).rejects.toMatchObject({
      issues: [{ path: 'listId' }],
    })
  })
})

describe('closing a job', () => {
  it('takes what went on instead, and nothing of what was left out at the chair', async () => {
    const id = await jobNamed('Vow')
    const { faces } = await on.jobChair(id, asking)
    const one = faces.find(f => f.plan)!
    const layer = one.plan!.layers.find(l => l.drops === null && l.alternatives.some(a => a.drops === null))!
    const other = layer.alternatives.find(a => a.drops === null)!
    const left = one.plan!.layers.find(l => l.slot !== layer.slot && l.drops === null)!
    const takenNow = async () => new Map((await on.wrapOf(id, asking)).taken.map(t => [t.name, t.amount]))
    const before = await takenNow()
    const at = new Date().toISOString()
    const ticks = [insteadKey(one.bookingId, other.item.id, layer.key), cutKey(one.bookingId, left.slot)]
    await on.mergeTicks(id, { ticks: ticks.map(key => ({ key, done: true, at, text: '' })) })
    const after = await takenNow()
    const amount = (of: Map<string, number>, name: string) => of.get(name) ?? 0
    expect(amount(after, layer.item.name)).toBeLessThan(amount(before, layer.item.name))
    expect(amount(after, left.item.name)).toBeLessThan(amount(before, left.item.name))
    await on.wrapJob(id, new WrapInput(), asking)
    const card = (await on.faceById(one.faceId)).plans.find(p => p.bookingId === one.bookingId && p.usedAt)!
    const { plan } = await on.planById(card.id)
    expect(plan.layers.find(l => l.key === layer.key)!.item.name).toBe(other.item.name)
    expect(plan.layers.some(l => l.slot === left.slot)).toBe(false)
    await on.undo()
    expect((await on.jobById(id)).wrap).toBeNull()
    // What the morning cuts is left out as well.
    await on.mergeTicks(id, { ticks: ticks.map(key => ({ key, done: false, at: new Date().toISOString(), text: '' })) })
    await on.cutOn(id, { cuts: [{ bookingId: one.bookingId, slot: left.slot }] })
    expect(amount(await takenNow(), left.item.name)).toBe(amount(after, left.item.name))
    await on.undo()
    await on.mergeTicks(id, { ticks: ticks.map(key => ({ key, done: false, at: new Date().toISOString(), text: '' })) })
    expect(await takenNow()).toEqual(before)
  })

  it('changes levels by plan and by what went otherwise, and nothing else; one undo brings all of it back (six ways)', async () => {
    const id = await jobNamed('Vow')
    const random = seeded(5)
    for (let round = 0; round < 6; round++) {
      const { along, faces } = await on.wrapOf(id, asking)
      const things = Array.from({ length: Math.floor(random.between(0, 5)) }, (): ThingThatWent => {
        const one = random.pick(along)
        const fillId = one.pans.length > 0 ? random.pick(one.pans).fillId : undefined
        return { unitId: one.unitId, fillId, what: random.pick(WENT) }
      }).filter((t, i, all) => all.findIndex(x => x.unitId === t.unitId) === i)
      const notDone = faces.filter(() => random.between(0, 1) < 0.3).map(f => f.bookingId)
      const would = round === 0 ? (await on.wrapOf(id, asking)).taken : []
      const before = await everything()
      await on.wrapJob(
        id,
        Object.assign(new WrapInput(), {
          notDone: round === 0 ? [] : notDone,
          things: round === 0 ? [] : things,
          paidMinor: 40_000,
        }),
        asking,
      )
      const after = await everything()
      const changed = differences(before, after)
      const named = new Set(things.map(t => t.unitId))
      for (const one of changed) {
        const [table, row, field] = one.split(' ')
        const isRight =
          one === 'uses new'
          || one === 'plans new'
          || (table === 'fills' && field === 'level')
          || (table === 'jobs' && row === id && field === 'wrap')
          || (table === 'units' && named.has(row!) && ['placeId', 'notes', 'retiredAt', 'why'].includes(field!))
        expect(isRight ? 'right' : one).toBe('right')
      }
      // Levels fall by what is logged, to the last drop.
      const gone = new Map<string, number>()
      for (const use of Object.values(after.uses!) as { id: string; fillId: string; amount: number | null }[])
        if (!before.uses![use.id]) gone.set(use.fillId, (gone.get(use.fillId) ?? 0) + (use.amount ?? 0))
      for (const [fillId, amount] of gone) {
        const [x, y] = [before.fills![fillId], after.fills![fillId]] as { size: number; level: number }[]
        expect(x!.level * x!.size - y!.level * y!.size).toBeCloseTo(amount, 6)
      }
      if (round === 0) {
        // As was told beforehand, where a thing holds all of it.
        const [first] = would.filter(t => t.measure === 'ml')
        expect(first!.amount).toBeGreaterThan(0)
        await expect(on.wrapJob(id, new WrapInput(), asking)).rejects.toMatchObject({ status: 409 })
      }
      await on.undo()
      expect(differences(before, await everything())).toEqual([])
    }
  })

  it('puts what was noted at the chair on the card, and of whom nothing was put on with the face; one undo takes it off', async () => {
    const id = await jobNamed('Vow')
    const [one, other] = (await on.jobChair(id, asking)).faces.filter(f => f.plan)
    const at = (minute: number) => new Date(Date.UTC(2026, 0, 5, 9, minute)).toISOString()
    const note = (of: string, n: number, text: string, done = true) => ({
      ...{ key: noteKey(of, String(n)), done, at: at(n), text },
    })
    await on.mergeTicks(id, { ticks: [note(one!.bookingId, 2, 'the lid creased by noon')] })
    await on.mergeTicks(id, {
      ticks: [
        note(one!.bookingId, 1, 'she likes it warmer'),
        note(one!.bookingId, 3, 'never mind', false),
        note(other!.bookingId, 4, 'came down with a cold'),
      ],
    })
    const said = (await on.wrapOf(id, asking)).faces.map(f => f.notes).filter(n => n.length > 0)
    expect(said).toEqual([['she likes it warmer', 'the lid creased by noon'], ['came down with a cold']])
    const before = await everything()
    await on.wrapJob(id, Object.assign(new WrapInput(), { notDone: [other!.bookingId] }), asking)
    const { plans } = await on.faceById(one!.faceId)
    expect(plans.find(p => p.bookingId === one!.bookingId && p.usedAt)!.change).toBe(
      'she likes it warmer\nthe lid creased by noon',
    )
    expect((await on.faceById(other!.faceId)).notes).toMatch(/Vow renewal.*: came down with a cold$/)
    await on.undo()
    expect(differences(before, await everything())).toEqual([])
    expect((await on.personRecord(one!.faceId)).saidAtTheChair.map(n => n.text)).toEqual([
      'she likes it warmer',
      'the lid creased by noon',
    ])
  })

  it('settles against its quote, and what was paid may be told later', async () => {
    const id = await jobNamed('Ferry')
    await on.setQuote(
      id,
      Object.assign(new QuoteInput(), { km: 20, feeMinor: 30_000, extras: [{ what: 'Ladder', minor: 500 }] }),
    )
    const open = await on.quoteOf(id, asking)
    expect(open.settled).toBeNull()
    expect(open.client.reduce((all, l) => all + l.minor, 0)).toBe(30_000)
    await expect(on.changeWrap(id, new WrapInput())).rejects.toMatchObject({ status: 409 })
    await on.wrapJob(id, Object.assign(new WrapInput(), { began: '07:10', ended: '12:40', km: 26 }), asking)
    const { wrap } = await on.changeWrap(
      id,
      Object.assign(new WrapInput(), { began: '07:10', ended: '12:40', km: 26, paidMinor: 30_000, tipMinor: 1500 }),
    )
    expect(wrap).toMatchObject({ paidMinor: 30_000, km: 26 })
    const { settled } = await on.quoteOf(id, asking)
    expect(settled!.lines.find(l => l.of === 'distance')).toMatchObject({ plannedMinor: 800, realMinor: 1040 })
    // Five hours and a half there, less setting up and packing down.
    expect(settled!.lines.find(l => l.of === 'faces')!.realMinor).toBe(Math.round(((330 - 45) * 4000) / 60))
    expect(settled!.paidMinor + settled!.tipMinor).toBe(31_500)
    const after = await on.wrapOf(id, asking)
    expect(after.wash.some(w => w.name === 'foundation brush')).toBe(true)
    expect(after.next!.name).toMatch(/gala/)
    expect(after.taken.length).toBeGreaterThan(5)
  })
})

describe('what was agreed at a preview', () => {
  it('is what is done on the day, and used at the preview it is taken again on the day', async () => {
    const id = await jobNamed('Harbour choir gala')
    const { faceId } = (await on.jobById(id)).bookings[0]!
    const preview = await on.addJob(Object.assign(new JobInput(), { name: 'Preview of the gala', previewOfId: id }))
    const { id: bookingId } = await on.addBooking(Object.assign(new NewBookingInput(), { jobId: preview.id, faceId }))
    const kept = await on.savePlan(faceId, Object.assign(new SavePlanInput(), { bookingId, kind: 'preview' }), asking)
    await on.usePlan(kept.id)
    expect((await on.wrapOf(preview.id, asking)).faces).toMatchObject([{ used: true }])
    const [first] = (await on.wrapOf(id, asking)).faces
    expect(first).toMatchObject({ planned: true, used: false })
    await on.wrapJob(id, new WrapInput(), asking)
    const taken = Object.values((await everything()).uses!) as { faceId: string; jobId: string; amount: number }[]
    const usesOn = (jobId: string) => taken.filter(u => u.faceId === faceId && u.jobId === jobId)
    expect(usesOn(preview.id).length).toBeGreaterThan(5)
    // As much as at the preview: it is the plan that was agreed.
    const total = (jobId: string) => usesOn(jobId).reduce((all, u) => all + (u.amount ?? 0), 0)
    expect(total(id)).toBeCloseTo(total(preview.id), 6)
    expect((await on.wrapOf(id, asking)).faces.every(f => f.used || !f.planned)).toBe(true)
  })
})

describe('work that goes on over several days', () => {
  const keptOn = async (jobId: string, faceId: string) =>
    (await on.dayPlansOf(await on.jobById(jobId), asking)).find(p => p.faceId === faceId)!.kept?.id ?? null
  const keep = async (jobId: string, faceId: string) => {
    const { id: bookingId } = (await on.jobById(jobId)).bookings.find(b => b.faceId === faceId)!
    return (await on.savePlan(faceId, Object.assign(new SavePlanInput(), { bookingId }), asking)).id
  }
  it('keeps everybody as they were the day before that says how, over months, and takes nothing along but that', async () => {
    const conditions = Object.assign(new OccasionInput(), { type: 'screen' })
    const job = Object.assign(new JobInput(), { name: 'The long scene', day: '2027-02-27', conditions })
    const first = (await on.addJob(job)).id
    const face = (await on.allFaces()).find(f => f.readings.length > 0)!
    await on.addBooking(Object.assign(new NewBookingInput(), { jobId: first, faceId: face.id, readyBy: '07:30' }))
    const second = (await on.nextDay(first)).id
    const third = (await on.nextDay(second)).id
    const days = await Promise.all([first, second, third].map(id => on.jobById(id)))
    expect(days.map(d => d.day)).toEqual(['2027-02-27', '2027-02-28', '2027-03-01'])
    expect(days.map(d => d.bookings.map(b => [b.faceName, b.readyBy]))).toEqual(
      days.map(() => [[days[0]!.bookings[0]!.faceName, '07:30']]),
    )
    expect(await keptOn(third, face.id)).toBeNull()
    const plan = await keep(first, face.id)
    expect(await Promise.all([first, second, third].map(id => keptOn(id, face.id)))).toEqual([plan, plan, plan])
    // What is changed on the second holds from then on.
    const other = await keep(second, face.id)
    expect(await Promise.all([first, second, third].map(id => keptOn(id, face.id)))).toEqual([plan, other, other])
    // A day put in between stands between them; a ring of days is gone round once.
    const between = (await on.nextDay(first)).id
    expect(await keptOn(between, face.id)).toBe(plan)
    expect((await on.jobById(between)).previewOfId).toBe(second)
    const { bag: _b, quote: _q, wrap: _w, bookings: _on, createdAt: _c, id: _i, ...input } = await on.jobById(third)
    await on.changeJob(third, { ...input, previewOfId: first })
    expect(await keptOn(third, face.id)).toBe(other)
  })
  it('asks for a day first', async () => {
    const { id } = await on.addJob(Object.assign(new JobInput(), { name: 'Some day' }))
    await expect(on.nextDay(id)).rejects.toMatchObject({ message: expect.stringMatching(/has no day yet/) })
  })
})

// Only the clock is another: what waits waits as it does.
const NO_TIMERS = [
  'hrtime',
  'nextTick',
  'performance',
  'queueMicrotask',
  'setImmediate',
  'clearImmediate',
  'setInterval',
  'clearInterval',
  'setTimeout',
  'clearTimeout',
] as const

describe('ticks', () => {
  it('of a clock that is ahead do not have the last word; the newest of either side stands', async () => {
    const id = await jobNamed('Talk')
    const far = new Date(Date.now() + 86_400_000).toISOString()
    const [ahead] = await on.mergeTicks(id, { ticks: [{ key: 'unit a', done: true, at: far, text: '' }] })
    expect(Date.parse(ahead!.at)).toBeLessThanOrEqual(Date.now())
    const before = new Date(Date.now() - 1000).toISOString()
    expect(await on.mergeTicks(id, { ticks: [{ key: 'unit a', done: false, at: before, text: '' }] })).toMatchObject([
      { done: true },
    ])
    // Said after that: the server's clock has gone on.
    jest.useFakeTimers({ now: Date.now() + 60_000, doNotFake: [...NO_TIMERS] })
    const later = new Date().toISOString()
    expect(await on.mergeTicks(id, { ticks: [{ key: 'unit a', done: false, at: later, text: '' }] })).toMatchObject([
      { done: false },
    ])
    jest.useRealTimers()
    await expect(on.mergeTicks('none', { ticks: [] })).rejects.toMatchObject({ status: 404 })
  })
})

describe('a year, and a job once more', () => {
  it('adds up the closed jobs of a year, and tells what went on nobody', async () => {
    const { day } = (await on.allJobs('2020-01-01')).find(j => j.name.startsWith('Regatta'))!
    const answer = await on.yearAnswer({ year: Number(day!.slice(0, 4)) })
    expect(answer.lines.map(l => l.type)).toEqual(expect.arrayContaining(['evening']))
    // Six kilometres, and the parking that nobody had reckoned with.
    expect(answer.lines.find(l => l.type === 'evening')).toMatchObject({
      jobs: 1,
      faces: 2,
      inMinor: 14_000,
      spentMinor: 240 + 1200,
    })
    expect(answer.unused.some(u => u.name === 'Carnival palette')).toBe(true)
    expect((await on.yearAnswer({ year: 1999 })).all.jobs).toBe(0)
  })

  it('is written down again with everybody on it, open and without a day', async () => {
    const id = await jobNamed('Regatta')
    const before = await on.jobById(id)
    const again = await on.jobById((await on.repeatJob(id)).id)
    expect(again).toMatchObject({ name: before.name, day: null, wrap: null, place: before.place })
    expect(again.bookings.map(b => b.faceId)).toEqual(before.bookings.map(b => b.faceId))
    expect(again.notes).toContain('say what standing by costs')
    await on.undo()
    await expect(on.jobById(again.id)).rejects.toMatchObject({ status: 404 })
  })
})
