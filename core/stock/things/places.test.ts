import { inOrder, isCarried, limitsOf, totalHeft, within, type PlaceNode } from './places'

const place = (id: string, parentId: string | null, position = 0): PlaceNode => ({
  id,
  parentId,
  sort: 'pouch',
  position,
})

describe('places', () => {
  it('come in order, each before what stands in it', () => {
    const tree = [
      place('b', null, 1),
      place('b2', 'b', 1),
      place('a', null, 0),
      place('b1', 'b', 0),
      place('b1x', 'b1'),
    ]
    expect(inOrder(tree).map(({ place: { id }, depth }) => `${id} ${depth}`)).toEqual([
      'a 0',
      'b 0',
      'b1 1',
      'b1x 2',
      'b2 1',
    ])
    expect([...within(tree, 'b')].sort()).toEqual(['b', 'b1', 'b1x', 'b2'])
  })

  it('are all there whatever a file says: in a place that is gone, in one another, or in themselves', () => {
    const odd = [place('x', 'gone'), place('y', 'z'), place('z', 'y'), place('self', 'self')]
    expect(
      inOrder(odd)
        .map(o => o.place.id)
        .sort(),
    ).toEqual(['self', 'x', 'y', 'z'])
    expect([...within(odd, 'y')].sort()).toEqual(['y', 'z'])
  })

  it('take what somebody measured, else what such a place usually takes', () => {
    const none = { volumeMl: null, limitG: null }
    expect(limitsOf('case', { ...none, limitG: 9500 })).toEqual({ volumeMl: 40000, limitG: 9500 })
    expect(limitsOf('home', none)).toEqual(none)
    expect([isCarried('case'), isCarried('pouch'), isCarried('home'), isCarried('lent')]).toEqual([
      true,
      true,
      false,
      false,
    ])
    expect(totalHeft([])).toEqual({ massG: 0, roomMl: 0 })
  })
})
