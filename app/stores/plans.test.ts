import { createPinia, setActivePinia } from 'pinia'
import { OccasionInput } from '#shared/records/method/consultation'
import type { PlanLine } from '#shared/records/people/plans'
import { DEMO_FACES } from '../../demo/faces'
import { demoFace } from '../../tests/support/demo'
import { savedPlan } from '../../tests/support/keptPlan'
import { api } from '~/asking/api'
import { useFaces } from './faces'
import { usePlans } from './plans'
import { useUndo } from './undo'

jest.mock('~/asking/api', () => ({
  ...jest.requireActual<object>('~/asking/api'),
  api: jest.fn(),
  onDone: jest.fn(),
}))
const server = api as unknown as jest.Mock
const face = demoFace(DEMO_FACES[0]!)
const saved = savedPlan({ kind: 'preview' })

beforeEach(() => {
  setActivePinia(createPinia())
  server.mockReset()
})
async function stores() {
  const faces = useFaces()
  faces.put(face)
  return { faces, plans: usePlans(), undo: useUndo() }
}

describe('a plan being made', () => {
  it('one lock a place: a newer one takes over, letting go frees it', async () => {
    const { plans } = await stores()
    plans.lock(face.id, { key: 'primer', itemId: 'a', empty: false })
    plans.lock(face.id, { key: 'primer', itemId: 'b', empty: false })
    plans.lock(face.id, { key: 'tone', empty: true })
    expect(plans.draftOf(face.id).locks).toEqual([
      { key: 'primer', itemId: 'b', empty: false },
      { key: 'tone', empty: true },
    ])
    plans.unlock(face.id, 'primer')
    expect(plans.draftOf(face.id).locks.map(l => l.key)).toEqual(['tone'])
    expect(plans.draftOf('somebody else')).toEqual({ locks: [], overrides: [] })
  })
  it('one override per product and rule; letting everything go can be undone', async () => {
    const { plans, undo } = await stores()
    plans.override(face.id, { itemId: 'a', rule: 'flash', reason: '' })
    plans.override(face.id, { itemId: 'a', rule: 'flash', reason: 'a photograph showed' })
    plans.override(face.id, { itemId: 'a', rule: 'history', reason: '' })
    expect(plans.draftOf(face.id).overrides).toHaveLength(2)
    plans.reset(face.id)
    expect(plans.draftOf(face.id).overrides).toEqual([])
    await undo.run()
    expect(plans.draftOf(face.id).overrides.map(o => o.reason)).toEqual(['a photograph showed', ''])
  })
  it('the day begins as the preview was, product by product and drop by drop', async () => {
    const { plans } = await stores()
    server.mockResolvedValueOnce(saved)
    await plans.copyToDay(face.id, saved.id)
    const { locks, overrides } = plans.draftOf(face.id)
    expect(locks.map(l => l.key)).toEqual(saved.plan.layers.map(l => l.key))
    const base = saved.plan.layers.find(l => l.slot === 'foundation')!
    expect(locks.find(l => l.key === 'foundation')).toEqual({ key: 'foundation', empty: false, drops: base.drops })
    expect(overrides).toEqual(saved.overrides)
  })
})

describe('the day a plan is for', () => {
  it('is chosen, or said for a visit that is not booked, and stays when everything held is let go', async () => {
    const { plans } = await stores()
    plans.ask(face.id, { ...new OccasionInput(), hours: 9 })
    plans.reset(face.id)
    expect(plans.draftOf(face.id).occasion?.hours).toBe(9)
    plans.choose(face.id, 'b1')
    expect(plans.draftOf(face.id)).toMatchObject({ bookingId: 'b1' })
    expect(plans.draftOf(face.id).occasion).toBeUndefined()
  })
})

describe('a plan that was kept', () => {
  it('stands on the face as a line, without its body', async () => {
    const { plans, faces } = await stores()
    server.mockResolvedValueOnce(saved)
    await plans.save(face.id, { locks: [], overrides: [], kind: 'preview', agreed: '', change: '' })
    const [kept] = faces.byId.get(face.id)!.plans
    expect(kept).toMatchObject({ id: 'p', kind: 'preview', layers: 12 })
    expect(kept).not.toHaveProperty('plan')
    server.mockResolvedValueOnce({})
    await plans.remove(face.id, 'p')
    expect(faces.byId.get(face.id)!.plans).toEqual([])
    expect(server).toHaveBeenLastCalledWith('delete', '/api/plans/:id', { id: 'p' })
  })
  it('is noted from the version that was shown', async () => {
    const { plans, faces } = await stores()
    const { plan: _plan, locks: _locks, overrides: _overrides, ...line } = saved
    faces.amend(face.id, () => ({ plans: [line satisfies PlanLine] }))
    server.mockResolvedValueOnce({ ...line, agreed: 'red lip' })
    await plans.note(face.id, 'p', { agreed: 'red lip', change: '', version: 1 })
    expect(faces.byId.get(face.id)!.plans[0]!.agreed).toBe('red lip')
  })
})

describe('what palette and flash have shown', () => {
  it('is added and forgotten', async () => {
    const { plans } = await stores()
    server.mockResolvedValueOnce({ id: 't', at: '', a: 'A', b: 'B', result: 'held', after: '' })
    await plans.addPaletteTest({ a: 'A', b: 'B', result: 'held', after: '' })
    expect(plans.tests.palette.map(t => t.id)).toEqual(['t'])
    server.mockResolvedValueOnce({})
    await plans.removePaletteTest('t')
    expect(plans.tests.palette).toEqual([])
    server.mockResolvedValueOnce({ id: 'f', at: '', itemIds: ['x'], result: 'good', note: '' })
    await plans.addFlashTest({ itemIds: ['x'], result: 'good', note: '' })
    expect(plans.tests.flash.map(t => t.id)).toEqual(['f'])
  })
})
