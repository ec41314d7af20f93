import { seeded } from '../../../tests/support/random'
import { changesTo, heldAgainst, listOf, resolved, type ListLine } from './standingList'
import type { Thing } from '../things/thing'

const TODAY = '2026-11-27'
const thing = (id: string, productId: string, more: Partial<Thing> = {}) =>
  ({
    id,
    productId,
    name: productId,
    sort: 'cosmetic',
    kind: 'foundation',
    count: 1,
    level: 0.5,
    useBy: null,
    openedOn: '2026-01-01',
    retiredAt: null,
    placeId: 'case',
    pans: [],
    massG: 100,
    roomMl: 50,
    ...more,
  }) as Thing
const isAlong = (t: Thing) => t.placeId === 'case'
const held = (wanted: ListLine[], things: Thing[]) => heldAgainst(wanted, things, isAlong, TODAY, id => `gone ${id}`)

describe('a standing list', () => {
  it('of a variant is the core with its changes, and the changes are found again', () => {
    const core = [
      { productId: 'a', count: 2 },
      { productId: 'b', count: 1 },
    ]
    const changes = [
      { productId: 'a', count: -1 },
      { productId: 'b', count: -3 },
      { productId: 'c', count: 4 },
    ]
    expect(resolved(core, changes)).toEqual([
      { productId: 'a', count: 1 },
      { productId: 'c', count: 4 },
    ])
    const random = seeded(5)
    const some = () =>
      ['a', 'b', 'c', 'd'].flatMap(productId => {
        const count = Math.floor(random.next() * 4)
        return count > 0 ? [{ productId, count }] : []
      })
    const sorted = (lines: ListLine[]) => [...lines].sort((x, y) => (x.productId < y.productId ? -1 : 1))
    for (let round = 0; round < 200; round++) {
      const [from, to] = [some(), some()]
      expect(sorted(resolved(from, changesTo(from, to)))).toEqual(sorted(to))
    }
  })
  it('says what is along, what comes from home, what is lacking and what is along for nothing', () => {
    const things = [
      thing('1', 'dune'),
      thing('2', 'dune', { placeId: 'home', level: 1, openedOn: null }),
      thing('3', 'keel', { level: 0 }),
      thing('4', 'lip', { useBy: '2026-01-01' }),
      thing('5', 'brush', { sort: 'tool', count: 6, massG: 60 }),
      thing('6', 'spare', { placeId: 'home' }),
      thing('7', 'loud'),
    ]
    const found = held(
      [
        { productId: 'dune', count: 2 },
        { productId: 'keel', count: 1 },
        { productId: 'brush', count: 4 },
        { productId: 'sold', count: 1 },
      ],
      things,
    )
    expect(found.lines.map(l => [l.name, l.along, l.bring, l.lacking])).toEqual([
      ['dune', 1, [{ unitId: '2', count: 1 }], 0],
      ['keel', 0, [], 1],
      ['brush', 6, [], 0],
      ['gone sold', 0, [], 1],
    ])
    expect(found.surplus).toEqual([
      { unitId: '5', count: 2 },
      { unitId: '3', count: 1 },
      { unitId: '4', count: 1 },
      { unitId: '7', count: 1 },
    ])
    expect(found.massG).toBe(240)
  })
  it('of what is along lacks nothing and has nothing over', () => {
    const random = seeded(9)
    for (let round = 0; round < 100; round++) {
      const things = Array.from({ length: 12 }, (_, i) =>
        thing(`${i}`, random.pick(['a', 'b', 'c', 'd']), {
          sort: random.pick(['tool', 'cosmetic', 'supply'] as const),
          count: 1 + Math.floor(random.next() * 5),
          placeId: random.pick(['case', 'home']),
        }),
      )
      const found = held(listOf(things, isAlong, TODAY), things)
      expect(found.surplus).toEqual([])
      expect(found.lines.flatMap(l => [l.lacking, l.bring.length]).every(n => n === 0)).toBe(true)
    }
  })
})
