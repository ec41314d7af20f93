import { pack, type PackQuestion } from '#core/bag/pack'
import { OccasionInput } from '#shared/records/method/consultation'
import { BagInput } from '#shared/records/days/bags'
import { PlaceInput } from '#shared/records/kit/things'
import { JobInput, NewBookingInput } from '#shared/records/days/jobs'
import { SavePlanInput } from '#shared/records/people/plans'
import highsLoader from 'highs'
import { today } from '#shared/today'
import { faceInput } from '../../../tests/support/inputs'
import { services } from '../../../tests/support/services'

const highs = highsLoader()
jest.mock('../../keeping/thread', () => jest.requireActual<object>('../../../tests/support/keeperInline'))
jest.mock('../../compute/pool', () => ({
  ...jest.requireActual<object>('../../../tests/support/plansInline'),
  computeForPage: async (_task: string, question: PackQuestion) =>
    Buffer.from(JSON.stringify(pack(await highs, question, 3000))),
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

  it('lays what a pouch has no room for elsewhere in the same case, and carries no less', async () => {
    const id = await jobNamed('Tidewater')
    const skin = (await on.placesNow()).find(p => p.name === 'Skin')!
    await on.changePlace(skin.id, Object.assign(new PlaceInput(), { ...skin, volumeMl: 900 }))
    const before = await on.bagOf(id, asking)
    const [full] = before.full
    expect(full).toMatchObject({ name: 'Skin' })
    // As little as helps.
    expect(full!.move).toHaveLength(1)
    await on.easePouches(id, asking)
    const after = await on.bagOf(id, asking)
    expect(after.full).toEqual([])
    for (const { packed, limits, depth } of after.places)
      if (depth > 0) expect(packed.roomMl).toBeLessThanOrEqual(limits.volumeMl ?? Infinity)
    const carried = (bag: typeof before) => bag.places.filter(p => p.depth === 0).map(p => Math.round(p.packed.massG))
    expect(carried(after)).toEqual(carried(before))
    await on.undo()
    expect(await on.bagOf(id, asking)).toEqual(before)
    await on.undo()
  })

  it('takes a small vessel in the place of a large bottle: as much as the day needs, and undone it is as it was', async () => {
    const id = await jobNamed('Tidewater')
    const before = await on.bagOf(id, asking)
    expect(before.decant.length).toBeGreaterThan(0)
    const [first] = before.decant
    const heavy = (bag: typeof before) => bag.places.filter(p => p.depth === 0).reduce((g, p) => g + p.packed.massG, 0)
    await on.decantFor(id, [first!.unitId], asking)
    const after = await on.bagOf(id, asking)
    const vessel = after.goes.find(g => g.name === first!.name)!
    const { why } = before.goes.find(g => g.unitId === first!.unitId)!
    expect(vessel).toMatchObject({ why, isAlong: true })
    expect(vessel.unitId).not.toBe(first!.unitId)
    expect(after.lacking.map(l => l.key)).toEqual(before.lacking.map(l => l.key))
    expect(after.decant.map(d => d.name)).not.toContain(first!.name)
    expect(heavy(before) - heavy(after)).toBeCloseTo(first!.savesG, 6)
    expect(after.left.map(l => l.unitId)).toContain(first!.unitId)
    await expect(on.decantFor(id, [first!.unitId], asking)).rejects.toMatchObject({ status: 400 })
    await on.undo()
    expect(await on.bagOf(id, asking)).toEqual(before)
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
    const key = `unit ${(await on.allThings())[0]!.id}`
    const far = new Date(Date.now() + 86_400_000).toISOString()
    const [ahead] = await on.mergeTicks(id, { ticks: [{ key, done: true, at: far, text: '' }] })
    expect(Date.parse(ahead!.at)).toBeLessThanOrEqual(Date.now())
    const before = new Date(Date.now() - 1000).toISOString()
    expect(await on.mergeTicks(id, { ticks: [{ key, done: false, at: before, text: '' }] })).toMatchObject([
      { done: true },
    ])
    // Said after that: the server's clock has gone on.
    jest.useFakeTimers({ now: Date.now() + 60_000, doNotFake: [...NO_TIMERS] })
    const later = new Date().toISOString()
    expect(await on.mergeTicks(id, { ticks: [{ key, done: false, at: later, text: '' }] })).toMatchObject([
      { done: false },
    ])
    jest.useRealTimers()
    await expect(on.mergeTicks('none', { ticks: [] })).rejects.toMatchObject({ status: 404 })
  })

  it('of somebody who was forgotten meanwhile are not taken from a device that was away, nor of what never was', async () => {
    const id = await jobNamed('Talk')
    const face = await on.addFace(faceInput('Zyxaway Person'))
    const booking = await on.addBookingFor(face.id, { jobId: id, job: null })
    const unit = (await on.allThings())[0]!.id
    const at = new Date().toISOString()
    const tick = (key: string, text = '') => ({ key, done: true, at, text })
    const theirs = [tick(`note ${booking.id} 1`, 'zyxaway note'), tick(`on ${booking.id} lips`)]
    expect((await on.mergeTicks(id, { ticks: theirs })).map(t => t.key)).toEqual(
      expect.arrayContaining(theirs.map(t => t.key)),
    )
    await on.forgetFace(face.id)
    const others = [tick(`unit ${unit}`), tick('unit nowhere'), tick('note nobody 1', 'zyxaway'), tick('whatever')]
    const after = await on.mergeTicks(id, { ticks: [...theirs, ...others] })
    expect(after.map(t => t.key)).toContain(`unit ${unit}`)
    expect(after.some(t => /Zyxaway|zyxaway|nowhere|nobody|whatever/.test(`${t.key} ${t.text}`))).toBe(false)
    expect(after.some(t => t.key.includes(booking.id))).toBe(false)
    expect(await on.stillThere({ ids: [face.id, booking.id, id, unit] })).toEqual({ gone: [face.id, booking.id] })
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

describe('what the days ahead need', () => {
  it('is what the plans of everybody booked put on, kept or not, and of tools as many as the largest day takes', async () => {
    const { products, taken } = await on.neededAhead(asking)
    const jobs = (await on.allJobs(today())).filter(j => (j.day ?? '') >= today())
    const wanted = new Set<string>()
    for (const { id } of jobs)
      for (const { plan } of await on.dayPlansOf(await on.jobById(id), asking))
        for (const layer of plan?.layers ?? []) if (!layer.drops) wanted.add(layer.item.id)
    expect(wanted.size).toBeGreaterThan(20)
    expect([...wanted].filter(id => !products.includes(id))).toEqual([])
    const largest = Math.max(...jobs.map(j => j.faces))
    expect(taken.find(c => c.kind === 'mascara wands')!.need).toBeGreaterThan(largest)
    expect(taken.filter(c => c.kind === 'brush').length).toBeGreaterThan(5)
  })
})
