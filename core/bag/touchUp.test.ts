import { demoQuestion } from '../../tests/support/demo'
import { planFace } from '../plan/facePlan'
import { setBagOf } from './touchUp'

const faces = ['Orla', 'Mirela', 'Captain'].map(id => ({ id, plan: planFace(demoQuestion(id)) }))

describe('the set bag', () => {
  it('holds what was put on and is touched up, each once, for whom it was put on, and nothing that stays in the case', () => {
    const bag = setBagOf(faces)
    expect(new Set(bag.map(b => b.name)).size).toBe(bag.length)
    for (const { id, plan } of faces) {
      const own = bag.filter(b => b.faces.includes(id)).map(b => b.name)
      for (const l of plan.layers)
        expect([l.slot, own.includes(l.item.name)]).toEqual([
          l.slot,
          ['concealer', 'powder', 'lash glue', 'lip liner', 'lip colour', 'lip top', 'set'].includes(l.slot)
            || plan.layers.some(x => x !== l && x.item.id === l.item.id && own.includes(x.item.name)),
        ])
    }
    expect(bag.filter(b => b.faces.length === 0).map(b => b.name)).toEqual(['tissues', 'cotton buds', 'hand gel'])
  })
  it('shares what several wear, in the order of the day, and leaves alone what somebody brought', () => {
    const [orla] = faces
    const twice = setBagOf([orla!, { ...orla!, id: 'twin' }])
    expect(twice[0]!.faces).toEqual(['Orla', 'twin'])
    expect(twice).toHaveLength(setBagOf([orla!]).length)
    const own = { ...orla!.plan, layers: orla!.plan.layers.map(l => ({ ...l, item: { ...l.item, own: true } })) }
    expect(setBagOf([{ id: 'x', plan: own }]).map(b => b.name)).not.toContain(twice[0]!.name)
    expect(setBagOf([])).toEqual([])
  })
})
