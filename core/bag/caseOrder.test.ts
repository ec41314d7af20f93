import { seeded } from '../../tests/support/random'
import { thing } from '../../tests/support/thing'
import type { OwnedKind } from '../stock/things/kinds'
import type { PlaceNode } from '../stock/things/places'
import { buriedIn, laidInOrder } from './caseOrder'
import { cabinMl, handlingOf } from './handle'

const KINDS: OwnedKind[] = ['mat', 'light', 'cleanser', 'foundation', 'brush', 'lip colour', 'setting spray', 'tissues']
const place = (id: string, parentId: string | null, position: number): PlaceNode => ({
  id,
  parentId,
  sort: parentId ? 'pouch' : 'case',
  position,
})

describe('the order in which a case is laid', () => {
  it('says what is laid out first and lies under what is opened later', () => {
    const places = [
      place('case', null, 0),
      place('skin', 'case', 0),
      place('lips', 'case', 1),
      place('clean', 'case', 2),
    ]
    const things = [
      thing({ kind: 'cleanser', placeId: 'skin' }),
      thing({ kind: 'lip colour', placeId: 'lips' }),
      thing({ kind: 'hand gel', placeId: 'clean', name: 'Gel' }),
      thing({ kind: 'mat', placeId: 'case', name: 'Mat' }),
    ]
    expect(buriedIn(places, 'case', things)).toMatchObject([
      { placeId: 'clean', isLoose: false, under: ['skin', 'lips'] },
      { placeId: 'case', isLoose: true, under: ['skin', 'lips'] },
    ])
    expect(laidInOrder(places, 'case', things)).toEqual(['clean', 'skin', 'lips'])
  })

  it('laid in that order nothing of a pouch is wanted before what lies on it (300 cases)', () => {
    const random = seeded(9)
    for (let i = 0; i < 300; i++) {
      const pouches = Array.from({ length: 2 + Math.floor(random.between(0, 5)) }, (_, k) => place(`p${k}`, 'case', k))
      const places = [place('case', null, 0), ...pouches]
      const things = Array.from({ length: Math.floor(random.between(0, 14)) }, (_, k) =>
        thing({ id: `t${k}`, kind: random.pick(KINDS), placeId: random.pick(pouches).id }),
      )
      const order = laidInOrder(places, 'case', things)
      expect([...order].sort()).toEqual(pouches.map(p => p.id).sort())
      const laid = places.map(p => ({ ...p, position: Math.max(0, order.indexOf(p.id)) }))
      expect(buriedIn(laid, 'case', things)).toEqual([])
    }
  })
})

describe('how things are carried', () => {
  const alcohol = thing({ kind: 'alcohol', percent: 70, measure: 'ml', size: 250, dispenser: null })
  const scissors = thing({ kind: 'scissors', sort: 'tool', measure: 'piece', size: 1 })
  const drops = thing({ kind: 'foundation', measure: 'ml', size: 30, dispenser: 'dropper' })

  it('says what burns, breaks and leaks, and what no cabin takes', () => {
    expect(handlingOf(alcohol, false)).toEqual(['flammable'])
    expect(handlingOf(alcohol, true)).toEqual(['flammable', 'not in a cabin'])
    expect(handlingOf(scissors, false)).toEqual([])
    expect(handlingOf(scissors, true)).toEqual(['not in a cabin'])
    expect(handlingOf(drops, true)).toEqual(['upright'])
    expect(handlingOf(thing({ kind: 'powder', measure: 'g', dispenser: 'pan' }), true)).toEqual(['fragile'])
    expect(cabinMl([alcohol, drops, { ...drops, count: 2 }])).toBe(90)
  })
})
