import { planFace, type FacePlan, type PlanQuestion } from '#core/plan/facePlan'
import { vetoOf } from '#core/suitability/finding'
import { demoQuestion } from '../tests/support/demo'
import { DEMO_FACES } from './faces'

const plan = (name: string, more: Partial<PlanQuestion> = {}) => planFace({ ...demoQuestion(name), ...more })
const picked = (p: FacePlan, key: string) => p.layers.find(l => l.key === key)
const reasonFor = (p: FacePlan, name: string) => p.leftOut.find(l => l.products.some(x => x.name === name))?.finding

describe('plans of the demo faces', () => {
  it.each(DEMO_FACES.map(f => f.face.name))('%s gets a base, and nothing that a veto stands against', name => {
    const p = plan(name)
    const evened = ['full face', 'as agreed on the chart'].includes(p.programme)
    if (evened) expect(picked(p, 'foundation')).toBeDefined()
    // A base that shows at the jaw is never taken while the kit has one that does not.
    const shows = picked(p, 'foundation')?.findings.some(f => f.sentence.startsWith('the seam would show')) ?? false
    expect(shows).toBe(name === 'Amahle Rosqvist')
    for (const layer of p.layers) {
      expect(vetoOf(layer.findings)).toBeUndefined()
      expect(layer.asked.length).toBeGreaterThan(0)
    }
    expect(p.minutes.short).toBeLessThanOrEqual(p.minutes.full)
    expect(p.cost.minor).toBeGreaterThan(0)
  })

  it('an oily face where the dewy base loses', () => {
    const p = plan('Malakai')
    expect(picked(p, 'foundation')!.item.finish).not.toBe('dewy')
    expect(reasonFor(p, 'Lantern Cream mixes')!.sentence).toMatch(/dewy slides on an oily skin/)
  })
  it('a mature dry face: thin, no matte, a lip liner', () => {
    const p = plan('Dagny')
    expect(picked(p, 'foundation')).toMatchObject({ tool: 'mist-damp sponge' })
    expect(picked(p, 'lip liner')).toBeDefined()
    expect(reasonFor(p, 'Light Tide gel')!.sentence).toMatch(/matte catches on a dry skin/)
  })
  it('a declared lanolin allergy removes a balm', () => {
    const p = plan('Juniper')
    expect(reasonFor(p, 'Cove Balm')).toMatchObject({
      effect: { is: 'veto', of: 'harm' },
      sentence: 'holds lanolin; lanolin was declared',
    })
    expect(picked(p, 'lip care')!.item.name).toBe('Plain lip fluid')
  })
  it('flash and a mineral SPF 30 base: vetoed', () => {
    expect(reasonFor(plan('Wilhelmina'), 'Day Shield Medium')).toMatchObject({
      effect: { is: 'veto', of: 'taste' },
      sentence: expect.stringMatching(/SPF 30: pale in flash/),
    })
    const calm = demoQuestion('Wilhelmina')
    expect(
      reasonFor(planFace({ ...calm, job: { ...calm.job, flash: false } }), 'Day Shield Medium')?.effect.is,
    ).not.toBe('veto')
  })
  it('a silicone primer under a water base is flagged at the seam', () => {
    const q = demoQuestion('Ravindra')
    const barley = q.items.find(i => i.name === 'Barley')!
    const p = planFace({
      ...q,
      locks: {
        primer: { itemId: q.items.find(i => i.name === 'Slip Smooth')!.id },
        foundation: { drops: [{ id: barley.id, count: 1 }] },
      },
    })
    expect(p.seams).toContainEqual(
      expect.objectContaining({
        under: 'primer',
        over: 'foundation',
        risk: 'high',
        sentence: expect.stringMatching(/water over silicone/),
      }),
    )
  })
  it('broken or burnt skin: disposables only', () => {
    const p = plan('Mirela')
    expect(picked(p, 'foundation')!.tool).toMatch(/disposable/)
    expect(p.pack).toContain('disposable sponges and buds')
    expect(picked(p, 'cheek')).toBeUndefined()
    expect(reasonFor(p, 'Rosehip')).toMatchObject({ effect: { is: 'veto', of: 'harm' } })
  })
  it('the "clear" powder would go grey on a deep face', () => {
    const p = plan('Nkechi')
    expect(reasonFor(p, 'Clear Day')!.sentence).toMatch(/turns (grey|pale) on this depth/)
    expect(picked(p, 'powder')!.item.name).toBe('Deep Sand')
  })
  it('a two-tone face gets two recipes', () => {
    const p = plan('Malakai')
    const [jaw, chin] = [picked(p, 'foundation')!, picked(p, 'foundation: chin')!]
    expect(chin.item.lab!.L).toBeLessThan(jaw.item.lab!.L - 3)
    for (const { findings } of [jaw, chin]) expect(findings[0]!.sentence).toMatch(/invisible|a match/)
    expect(chin.drops).not.toEqual(jaw.drops)
  })
  it('her own mascara goes before the shared one where it serves; a reaction or dislike is remembered', () => {
    expect(reasonFor(plan('Wilhelmina'), 'Claret')!.sentence).toBe('this face disliked it')
    const q = demoQuestion('Pilar')
    expect(picked(planFace({ ...q, job: { ...q.job, tears: false, hours: 4 } }), 'mascara')!.item.name).toBe(
      'Her own mascara',
    )
  })
  it('a child gets little and nothing scented', () => {
    const p = plan('Tove')
    expect(p.layers.map(l => l.slot)).not.toContain('primer')
    for (const { item } of p.layers) expect(item.flags).not.toContain('fragrance')
  })
  it('the empty bottle, the expired mascara and the face nobody can match are told', () => {
    const p = plan('Amahle')
    expect(reasonFor(p, 'Toffee Tin')!.sentence).toBe('it is empty')
    expect(reasonFor(p, 'Reed black')!.sentence).toMatch(/past its last day/)
    expect(p.missing.find(m => m.slot === 'foundation')!.sentences.join()).toMatch(/no recipe of this kit matches/)
  })
})
