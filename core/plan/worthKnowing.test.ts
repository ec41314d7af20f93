import { face, item, job, question } from '../../tests/support/suitability'
import { typicalSkin } from '../complexion/skins/skin'
import type { KitItem } from '../product/item'
import { planFace } from './facePlan'
import { worthKnowing } from './worthKnowing'

const base = (id: string, more: Partial<KitItem> = {}) =>
  item('foundation', { id, name: id, range: id, lab: typicalSkin(5, 'neutral'), ...more })
const never = () => false

describe('what is worth knowing', () => {
  it('a list that is missing is asked for where somebody reacts to something, and only there', () => {
    const items = [base('Calm', { ingredients: null }), base('Other', { finish: 'dewy' })]
    const reacts = question(items, { face: face({ sensitivities: ['latex'], skinType: 'oily' }) })
    expect(worthKnowing(reacts, never).found).toEqual([
      {
        id: 'Calm',
        name: 'Calm',
        datum: 'ingredients',
        changes: [{ value: 'holds it', words: 'Other instead of Calm as foundation' }],
      },
    ])
    expect(worthKnowing(question(items, { face: face({ skinType: 'oily' }) }), never).found).toEqual([])
  })
  it('a sun filter only where there is flash', () => {
    const items = [base('Calm', { spf: null, filter: 'unknown' }), base('Other', { spf: 0, finish: 'luminous' })]
    const flash = worthKnowing(question(items, { job: job({ flash: true }) }), never).found
    expect(flash.map(w => [w.id, w.datum, w.changes.map(c => c.value)])).toEqual([
      ['Calm', 'sun filter', ['mineral, SPF 30']],
    ])
    expect(worthKnowing(question(items, { job: job({ flash: false }) }), never).found).toEqual([])
  })
  it('every change it names is one that the plan makes', () => {
    const items = [
      base('One', { family: 'unknown', ingredients: null, wearHours: null }),
      base('Two', { family: 'unknown', spf: null, lab: typicalSkin(5.5, 'golden') }),
      item('primer', { id: 'p', name: 'Primer', family: 'unknown' }),
    ]
    const asked = question(items, { face: face({ sensitivities: ['latex'] }), job: job({ flash: true, hours: 12 }) })
    const before = JSON.stringify(planFace(asked).layers.map(l => [l.key, l.item.id, l.drops]))
    const families = worthKnowing(asked, never).found.filter(w => w.datum === 'base')
    for (const { id, changes } of families)
      for (const { value } of changes) {
        const known = items.map(i => (i.id === id ? { ...i, family: value as KitItem['family'] } : i))
        const after = planFace({ ...asked, items: known }).layers.map(l => [l.key, l.item.id, l.drops])
        expect(JSON.stringify(after)).not.toBe(before)
      }
  })
  it('stops when time is up', () => {
    expect(worthKnowing(question([base('Calm', { family: 'unknown' })]), () => true)).toEqual({
      found: [],
      whole: false,
    })
  })
})
