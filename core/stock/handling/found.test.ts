import { thing } from '../../../tests/support/thing'
import { foundAmong } from './found'

const pan = (productId: string, level = 1) => ({
  fillId: `fill ${productId}`,
  productId,
  name: productId,
  lab: null,
  version: 1,
  level,
})
const found = (things: Parameters<typeof foundAmong>[0], ...ids: string[]) =>
  foundAmong(things, new Set(ids), t => t.placeId === 'case')

describe('where something is reached for', () => {
  it('is what is along before what is at home, and what is open before what is not', () => {
    const things = [
      thing({ id: 'home', productId: 'p', placeId: 'shelf', openedOn: '2026-01-01' }),
      thing({ id: 'new', productId: 'p', placeId: 'case' }),
      thing({ id: 'open', productId: 'p', placeId: 'case', openedOn: '2026-01-01' }),
    ]
    expect(found(things, 'p').get('p')).toEqual({ unitId: 'open', placeId: 'case', along: true, pan: null })
    expect(found(things.slice(0, 1), 'p').get('p')).toMatchObject({ unitId: 'home', along: false })
    expect(found(things, 'q').size).toBe(0)
  })

  it('is a pan by its place in the palette, but for one that is empty', () => {
    const palette = thing({
      id: 'palette',
      productId: 'x',
      name: 'Quarry',
      placeId: 'case',
      pans: [pan('a'), pan('b', 0), pan('c')],
    })
    const all = found([palette], 'a', 'b', 'c', 'x')
    expect(all.get('c')!.pan).toEqual({ palette: 'Quarry', at: 3, of: 3 })
    expect([...all.keys()]).toEqual(['a', 'c'])
  })
})
