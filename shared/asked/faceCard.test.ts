import { DEMO_FACES } from '../../demo/faces'
import { demoFace, DEMO_PRODUCTS } from '../../tests/support/demo'
import { savedPlan } from '../../tests/support/keptPlan'
import { faceCard } from './faceCard'

const face = demoFace(DEMO_FACES.find(f => f.face.name.startsWith('Orla'))!)
const saved = savedPlan({ agreed: 'red lip' })

describe('the face card', () => {
  const card = faceCard(face, saved, id => DEMO_PRODUCTS.find(p => p.id === id)?.shade ?? '?')
  it('tells every layer in order, the base in drops by name', () => {
    expect(card.lines.map(l => l.slot)).toEqual(saved.plan.layers.map(l => l.slot))
    const base = card.lines.find(l => l.slot === 'foundation')!
    expect(base.drops!.length).toBeGreaterThan(1)
    for (const { name, count } of base.drops!) expect(base.product).toContain(`${count} ${name}`)
  })
  it('is plain JSON that survives a round trip, reasons and overrides kept', () => {
    expect(JSON.parse(JSON.stringify(card))).toEqual(card)
    expect(card.overrides).toEqual([{ rule: 'history', reason: 'asked for it' }])
    expect(card.lines.every(l => Array.isArray(l.reasons))).toBe(true)
  })
})
