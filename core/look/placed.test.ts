import { placedBy } from './placed'

const lab = { L: 50, a: 20, b: 10 }
const layer = (key: string, has = true) => ({ key, item: { name: `the ${key}`, lab: has ? lab : null } })

describe('what of a plan stands on a face chart', () => {
  it('is every colour on an area of its own, and nothing that lies all over or has no colour', () => {
    const placed = placedBy([
      layer('foundation'),
      layer('cheek'),
      layer('eyes: crease'),
      layer('brows', false),
      layer('lip colour'),
    ])
    expect(placed.map(p => [p.area, p.name])).toEqual([
      ['crease', 'the eyes: crease'],
      ['cheek', 'the cheek'],
      ['lips', 'the lip colour'],
    ])
  })
})
