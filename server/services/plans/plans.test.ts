import { planFace } from '#core/plan/facePlan'
import { Consultation, OccasionInput } from '#shared/records/method/consultation'
import { JobInput } from '#shared/records/days/jobs'
import type { OwnedProductInput, OwnedProduct } from '#shared/records/kit/kit'
import { questionOf } from '#shared/asked/planQuestion'
import { PlanInput } from '#shared/records/people/plans'
import { Settings } from '#shared/records/method/settings'
import { bottleInput, faceInput, MID_SKIN, typedReading } from '../../../tests/support/inputs'
import { insertPlan, savedPlan } from '../../../tests/support/keptPlan'
import { services } from '../../../tests/support/services'

jest.mock('../../compute/pool', () => ({ computePlan: jest.fn(() => Promise.resolve({})) }))
const on = services()

const lab = MID_SKIN
const add = (shade: string, more: Partial<OwnedProductInput> = {}) =>
  on.addProduct(bottleInput(shade, { family: 'silicone', ...more }))
const readFace = async (name: string) => {
  const { id } = await on.addFace(faceInput(name))
  await on.addReading(id, typedReading(lab))
  return id
}
const ask = async (id: string, input: Partial<PlanInput> = {}) =>
  questionOf(await on.planRecords(await on.faceById(id), Object.assign(new PlanInput(), input)))

describe('the question a plan is computed from', () => {
  it('holds the kit in use, what this face brings and nobody else’s, with usual traits where none were said', async () => {
    const [id, other] = [await readFace('Ama'), await readFace('Bo')]
    await add('Heron')
    const gone = await add('Gone')
    await on.removeThing(gone.id)
    const old = await add('Old')
    await on.retire({ ids: [old.id], retired: true })
    await on.addOwnProduct(id, bottleInput('Hers', { kind: 'mascara', lab }))
    await on.addOwnProduct(other, bottleInput('His', { kind: 'mascara', lab }))
    const { items } = await ask(id)
    expect(items.map(i => i.name).sort()).toEqual(['Heron', 'Hers'])
    expect(items.find(i => i.name === 'Hers')).toMatchObject({ own: true, dispenser: 'wand' })
    expect((await on.kitProducts()).map(p => p.shade)).not.toContain('Hers')
  })

  it('follows the methods, the tests and what the day asks', async () => {
    const id = await readFace('Cleo')
    await on.changeSettings(
      Object.assign(new Settings(), { order: 'eyes first', mixing: 'strict', ruleWeights: { flash: 0 } }),
    )
    const test = await on.addPaletteTest({ a: 'A', b: 'B', result: 'held', after: '' })
    await on.changeConsultation(id, {
      ...new Consultation(),
      sensitivities: ['latex'],
    })
    const job = Object.assign(new JobInput(), { name: 'Gala', day: '2199-01-02' })
    job.conditions = Object.assign(new OccasionInput(), { flash: true, hours: 9 })
    const { id: bookingId } = await on.addBookingFor(id, { jobId: null, job })
    const { settings, job: asked, face } = await ask(id)
    expect(settings).toMatchObject({
      order: 'eyes first',
      mixing: 'strict',
      ruleWeights: { flash: 0 },
      paletteTests: [expect.objectContaining({ a: 'A' })],
    })
    expect(asked).toMatchObject({ flash: true, hours: 9 })
    expect(settings.day).toBe('2199-01-02')
    expect(face.sensitivities).toEqual(['latex'])
    expect((await ask(id, { occasion: { ...asked, flash: false } })).job.flash).toBe(false)
    await expect(ask(id, { bookingId: 'none' })).rejects.toMatchObject({ issues: [{ path: 'bookingId' }] })
    const [booking] = (await on.faceById(id)).bookings
    await on.changeBooking(bookingId, { ...booking!, differs: { hours: 3 } })
    expect((await ask(id)).job).toMatchObject({ flash: true, hours: 3 })
    await on.removeBooking(bookingId)
    expect((await ask(id)).job).toEqual({ ...new OccasionInput() })
    await on.removeTest('paletteTests', test.id)
    expect((await on.allTests()).palette).toEqual([])
    await expect(on.removeTest('paletteTests', test.id)).rejects.toThrow('not here any more')
  })

  it('needs a skin that was read, and says so', async () => {
    const { id } = await on.addFace(faceInput('Dara'))
    await expect(ask(id)).rejects.toMatchObject({ status: 409 })
    await expect(on.faceById('nobody')).rejects.toMatchObject({ status: 404 })
  })
})

const theKit = async () => await on.kitProducts()
const leftIn = (all: readonly OwnedProduct[]) => all.flatMap(p => p.units).reduce((sum, u) => sum + u.size * u.level, 0)

describe('kept plans', () => {
  it('using one remembers every bottle once; taking it back forgets them; a deleted one comes back', async () => {
    const id = await readFace('Edda')
    const plan = planFace(await ask(id))
    const before = leftIn(await theKit())
    const { layers, minutes, cost } = plan
    const line = { id: 'p1', layers: layers.length, minutes: minutes.full, costMinor: cost.minor, overrides: [], plan }
    await insertPlan(on, id, savedPlan(line))
    expect((await on.faceById(id)).plans.map(p => p.id)).toEqual(['p1'])
    expect(await on.changePlanNotes('p1', { agreed: 'as before', change: 'less lip' })).toMatchObject({
      agreed: 'as before',
      change: 'less lip',
    })

    await on.usePlan('p1')
    const used = (await on.faceById(id)).history
    expect(used.length).toBe(new Set(plan.layers.flatMap(l => l.drops?.map(d => d.id) ?? [l.item.id])).size)
    expect(used.every(h => h.what === 'used')).toBe(true)
    await expect(on.usePlan('p1')).rejects.toMatchObject({ status: 409 })
    const taken = (await (await import('../../db/connection')).db.select().from(on.tables.uses)).reduce(
      (sum, u) => sum + (u.amount ?? 0),
      0,
    )
    expect(taken).toBeGreaterThan(0.3)
    expect(leftIn(await theKit()) + taken).toBeCloseTo(before, 6)
    await on.undo()
    expect((await on.faceById(id)).history).toEqual([])
    expect(leftIn(await theKit())).toBeCloseTo(before, 9)

    await on.deleteFromFace('plans', 'p1', 'plan')
    expect((await on.faceById(id)).plans).toEqual([])
    await expect(on.usePlan('p1')).rejects.toThrow('not here any more')
    await on.undo()
    expect(await on.planById('p1')).toMatchObject({ id: 'p1', plan: { layers: expect.any(Array) } })
    await expect(on.planById('none')).rejects.toMatchObject({ status: 404 })
  })

  it('history of a product that is none is refused', async () => {
    const id = await readFace('Fay')
    await expect(on.addHistory(id, { productId: 'none', what: 'liked', note: '' })).rejects.toMatchObject({
      status: 400,
    })
    const heron = await add('Heron again')
    const entry = await on.addHistory(id, { productId: heron.id, what: 'disliked', note: 'sticky' })
    expect((await ask(id)).face.history).toEqual([{ itemId: heron.id, what: 'disliked', times: 1 }])
    await on.removeHistory(entry.id)
    await expect(on.removeHistory(entry.id)).rejects.toThrow('not here any more')
  })

  it('flash tests are kept and forgotten', async () => {
    const { id } = await on.addFlashTest({ itemIds: ['x'], result: 'bad', note: '' })
    expect((await on.allTests()).flash).toEqual([expect.objectContaining({ id, result: 'bad' })])
    await on.removeTest('flashTests', id)
    await expect(on.removeTest('flashTests', id)).rejects.toThrow('not here any more')
  })
})

describe('a thread that computes plans', () => {
  it('is sent a kit once, plans with it as with the whole question, and knows when it has changed', async () => {
    const { default: run } = await import('../../compute/worker')
    const id = await readFace('Threaded')
    await add('Threaded Heron')
    await on.addOwnProduct(id, bottleInput('Brought by Threaded', { kind: 'mascara', lab }))
    const records = async () => on.planRecords(await on.faceById(id), new PlanInput())
    const { kit, ...rest } = await records()
    const job = { task: 'plan', kitId: 7001, records: rest } as const
    expect(await run(job)).toEqual({ needsKit: true })
    const whole = planFace(questionOf({ kit, ...rest }))
    expect(await run({ ...job, kit })).toEqual({ plan: whole })
    expect(await run(job)).toEqual({ plan: whole })
    // The same list while nothing of it changes, another after an act on it, and after one on what somebody brings.
    expect((await records()).kit).toBe(kit)
    await add('Another Heron')
    expect((await records()).kit).not.toBe(kit)
    // Two kits are remembered, those of last.
    await run({ ...job, kitId: 7002, kit: [] })
    expect(await run(job)).toEqual({ plan: whole })
    await run({ ...job, kitId: 7003, kit: [] })
    await run({ ...job, kitId: 7004, kit: [] })
    expect(await run(job)).toEqual({ needsKit: true })
  })
})

describe('warming up', () => {
  it('leaves no face, plan or reading behind, and asks about everything on offer', async () => {
    const count = async () => [
      (await on.allFaces()).length,
      (await (await import('../../db/connection')).db.select().from(on.tables.plans)).length,
      (await (await import('../../db/connection')).db.select().from(on.tables.readings)).length,
    ]
    const before = await count()
    const { computePlan: compute } = await import('../../compute/pool')
    await on.warmPlans()
    const [[records]] = (compute as jest.MockedFunction<typeof compute>).mock.calls as [Parameters<typeof compute>]
    expect(planFace(questionOf(records)).layers.length).toBeGreaterThan(0)
    expect(await count()).toEqual(before)
    expect(records.offers).toEqual([])
    await on.stockSimulatedSuppliers()
    const { offers } = await ask(await readFace('Cleo'))
    expect(offers).toHaveLength((await on.catalogue()).offers.length)
    expect(offers!.length).toBe(160)
  })
})
