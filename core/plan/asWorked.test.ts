import { demoQuestion } from '../../tests/support/demo'
import { amountsOf } from './described/amounts'
import { asWorked } from './asWorked'
import { planFace } from './facePlan'

const plan = planFace(demoQuestion('Orla'))

describe('a plan as it was worked', () => {
  it('is itself where nothing was done otherwise, also where something unknown is said', () => {
    expect(asWorked(plan, { cut: [], instead: new Map() })).toBe(plan)
    expect(
      asWorked(plan, {
        cut: ['body'],
        instead: new Map([
          [plan.layers[0]!.key, 'none'],
          ['none', 'x'],
        ]),
      }),
    ).toBe(plan)
  })
  it('takes what went on instead and not what was planned; and back again it is as it was', () => {
    for (const layer of plan.layers)
      for (const { item, drops } of layer.alternatives) {
        const worked = asWorked(plan, { cut: [], instead: new Map([[layer.key, item.id]]) })
        const now = worked.layers.find(l => l.key === layer.key)!
        expect([now.item, now.drops, now.amount]).toEqual([item, drops, layer.amount])
        const back = asWorked(worked, { cut: [], instead: new Map([[layer.key, layer.item.id]]) })
        expect(amountsOf(back)).toEqual(amountsOf(plan))
      }
  })
  it('takes nothing of what was left out', () => {
    for (const slot of new Set(plan.layers.map(l => l.slot))) {
      const { layers } = asWorked(plan, { cut: [slot], instead: new Map() })
      // Nothing is glued where there are no lashes.
      const gone = slot === 'lashes' ? ['lashes', 'lash glue'] : [slot]
      expect(layers).toEqual(plan.layers.filter(l => !gone.includes(l.slot)))
    }
  })
})
