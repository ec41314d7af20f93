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

  it('is no more than is asked: where a share is enough, what lies beyond it is not bought', () => {
    const half: Ability = { ...brushes, share: 2 / 3 }
    const offered = SHAPES.map((shape, i): OfferedThing => ({
      offerId: shape,
      priceMinor: [100, 900, 200][i]!,
      thing: brush(shape, shape),
    }))
    // Two of three shapes are enough: the dearest stays where it is.
    const found = fill(half, scene([], 1), offered)
    expect(found.buy.map(b => b.offerId).sort()).toEqual(['lip brush', 'powder brush'])
    expect(found).toMatchObject({ priceMinor: 300, proven: false })
    // One is there already: the cheaper of the two others is enough.
    expect(fill(half, scene([brush('own', 'powder brush')], 1), offered).buy.map(b => b.offerId)).toEqual(['lip brush'])
    // Where nobody sells enough, all that is sold is bought.
    expect(fill(half, scene([], 1), offered.slice(1, 2)).buy).toHaveLength(1)
    expect(fill(brushes, scene([], 1), offered)).toMatchObject({ priceMinor: 1200, proven: true })
    // A pack of fifty does for two faces: one of it.
    const wands: Ability = { id: 'w', name: 'w', why: '', sort: 'have', kinds: ['mascara wands'], perFace: 2, share: 1 }
    const pack = { ...brush('pack', 'lip brush', 50), kind: 'mascara wands' as const }
    expect(fill(wands, scene([], 2), [{ offerId: 'pack', priceMinor: 400, thing: pack }]).buy).toEqual([
      { offerId: 'pack', count: 1 },
    ])
  })
})
