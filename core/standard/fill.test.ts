import { seeded } from '../../tests/support/random'
import type { BRUSH_SHAPES } from '../stock/things/kinds'
import { fill, type OfferedThing } from './fill'
import type { AuditScene, AuditThing } from './points'
import type { Ability } from './standard'

const brush = (id: string, shape: (typeof BRUSH_SHAPES)[number], count = 1): AuditThing => ({
  id,
  productId: id,
  kind: 'brush',
  name: id,
  count,
  massG: 20,
  shape,
  percent: null,
  items: [],
})
const scene = (things: AuditThing[], party: number): AuditScene => ({
  things,
  rules: {},
  party,
  declared: [],
  suits: () => true,
})
const SHAPES = ['lip brush', 'cheek brush', 'powder brush'] as const
const brushes: Ability = {
  id: 'b',
  name: 'Brushes',
  why: '',
  sort: 'have',
  kinds: ['brush'],
  perFace: 1,
  shapes: [...SHAPES],
  share: 1,
}

describe('what to buy for an ability', () => {
  it('is the cheapest that does all that can be done, as trying every number of each says', () => {
    const random = seeded(81)
    for (let run = 0; run < 60; run++) {
      const party = 1 + Math.floor(random.between(0, 3))
      const owned = SHAPES.flatMap(s =>
        random.next() < 0.5 ? [brush(`own ${s}`, s, 1 + Math.floor(random.between(0, 2)))] : [],
      )
      const offered = Array.from({ length: 3 }, (_, i): OfferedThing => {
        const shape = random.pick(SHAPES)
        return {
          offerId: `o${i}`,
          priceMinor: 100 + Math.floor(random.between(0, 900)),
          thing: brush(`o${i}`, shape, 1 + Math.floor(random.between(0, 2))),
        }
      })
      const found = fill(brushes, scene(owned, party), offered)
      const have = (counts: readonly number[], shape: string) =>
        [
          ...owned.filter(t => t.shape === shape).map(t => t.count),
          ...offered.map((o, i) => (o.thing.shape === shape ? o.thing.count * counts[i]! : 0)),
        ].reduce((x, y) => x + y, 0)
      const needed = SHAPES.filter(s => have([9, 9, 9], s) >= party)
      let best = Infinity
      for (let a = 0; a <= party; a++)
        for (let b = 0; b <= party; b++)
          for (let c = 0; c <= party; c++)
            if (needed.every(s => have([a, b, c], s) >= party))
              best = Math.min(
                best,
                [a, b, c].reduce((sum, n, i) => sum + n * offered[i]!.priceMinor, 0),
              )
      expect(found.proven).toBe(true)
      expect(found.priceMinor).toBe(best)
      expect(found.still).toEqual(SHAPES.filter(s => !needed.includes(s)))
    }
  })
})
