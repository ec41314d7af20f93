import { createPinia, setActivePinia } from 'pinia'
import { planFace } from '#core/suitability/facePlan'
import type { SavedPlan } from '#shared/records/plans'
import { DEMO_FACES } from '../../demo/faces'
import { demoFace, demoQuestion } from '../../tests/support/demo'
import { api } from '~/composables/api'
import { useFaces } from './faces'
import { usePlans } from './plans'
import { useUndo } from './undo'

jest.mock('~/composables/api', () => ({ api: jest.fn(), ApiProblem: class extends Error {} }))
const server = api as jest.MockedFunction<typeof api>
const face = demoFace(DEMO_FACES[0]!)
const saved: SavedPlan = {
  id: 'p',
  kind: 'preview',
  locks: [],
  overrides: [{ itemId: 'x', rule: 'history', reason: 'asked for' }],
  occasion: null,
  agreed: '',
  change: '',
  plan: planFace(demoQuestion('Orla')),
  savedAt: '2026-11-24T10:00:00Z',
  usedAt: null,
}

beforeEach(() => {
  setActivePinia(createPinia())
  server.mockReset()
})
async function stores() {
  const faces = useFaces()
  server.mockResolvedValueOnce([face])
  await faces.load()
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
    plans.copyToDay(face.id, saved)
    const { locks, overrides } = plans.draftOf(face.id)
    expect(locks.map(l => l.key)).toEqual(saved.plan.layers.map(l => l.key))
    const base = saved.plan.layers.find(l => l.slot === 'foundation')!
    expect(locks.find(l => l.key === 'foundation')).toEqual({ key: 'foundation', empty: false, drops: base.drops })
    expect(overrides).toEqual(saved.overrides)
  })
})

describe('a plan that was kept', () => {
  it('stands on the face; undo takes it off again', async () => {
    const { plans, faces, undo } = await stores()
    server.mockResolvedValueOnce(saved)
    await plans.save(face.id, { locks: [], overrides: [], kind: 'preview', agreed: '', change: '' })
    expect(faces.byId.get(face.id)!.plans).toEqual([saved])
    expect(undo.message).toBe('The preview is kept.')
    server.mockResolvedValueOnce({})
    await undo.run()
    expect(faces.byId.get(face.id)!.plans).toEqual([])
    expect(server).toHaveBeenLastCalledWith('plans/p', { method: 'DELETE' })
  })
  it('used, noted and taken back', async () => {
    const { plans, faces, undo } = await stores()
    faces.amend(face.id, () => ({ plans: [saved] }))
    server.mockResolvedValueOnce({ ...saved, usedAt: 'now' })
    await plans.use(face.id, 'p')
    expect(faces.byId.get(face.id)!.plans[0]!.usedAt).toBe('now')
    server.mockResolvedValueOnce(saved)
    await undo.run()
    expect(faces.byId.get(face.id)!.plans[0]!.usedAt).toBeNull()
    server.mockResolvedValueOnce({ ...saved, agreed: 'red lip' })
    await plans.note(face.id, 'p', { agreed: 'red lip', change: '' })
    expect(faces.byId.get(face.id)!.plans[0]!.agreed).toBe('red lip')
  })
})

describe('what palette and flash have shown', () => {
  it('is added, told, and taken back', async () => {
    const { plans, undo } = await stores()
    server.mockResolvedValueOnce({ id: 't', at: '', a: 'A', b: 'B', result: 'held', after: '' })
    await plans.addPaletteTest({ a: 'A', b: 'B', result: 'held', after: '' })
    expect(plans.tests.palette.map(t => t.id)).toEqual(['t'])
    server.mockResolvedValueOnce({})
    await undo.run()
    expect(plans.tests.palette).toEqual([])
    server.mockResolvedValueOnce({ id: 'f', at: '', itemIds: ['x'], result: 'good', note: '' })
    await plans.addFlashTest({ itemIds: ['x'], result: 'good', note: '' })
    expect(plans.tests.flash.map(t => t.id)).toEqual(['f'])
  })
})
