import { difference } from '#core/colour/difference'
import { DEMO_PRODUCTS } from '../../tests/support/demo'
import { mixAsKnown } from './kitPigments'

describe('a mix as its bottles are known', () => {
  const byId = new Map(DEMO_PRODUCTS.map(p => [p.id, p]))
  const [light, deep] = ['Shell Grit', 'Keel'].map(name => [...byId.values()].find(p => p.shade === name)!)
  const drops = [light!, deep!].map(({ id }) => ({ id, count: 1 }))

  it('lies between them, and nearer to the one that pulls more strongly', () => {
    const mix = mixAsKnown(drops, byId)!
    expect(mix.L).toBeLessThan(light!.lab.L)
    expect(mix.L).toBeGreaterThan(deep!.lab.L)
    const stronger = mixAsKnown(drops, new Map(byId).set(deep!.id, { ...deep!, strength: 1.5 }))!
    expect(difference(stronger, deep!.lab)).toBeLessThan(difference(mix, deep!.lab) - 1)
  })
  it('is not known when one of them has left', () => {
    expect(mixAsKnown([...drops, { id: 'gone', count: 1 }], byId)).toBeNull()
  })
})
