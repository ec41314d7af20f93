import { shade } from '../../tests/support/kits'
import type { Lab } from '../colour/lab'
import { areaOf, bestCorrection, bestCorrector, leftOver, type Concern } from './correct'
import { typicalSkin } from './skins/skin'
import { pigmentFor } from './bottles/pigments'
import type { ComplexionProduct, Coverage } from './bottles/product'

const corrector = (id: string, L: number, a: number, b: number): ComplexionProduct => ({
  id,
  lab: { L, a, b },
  coverage: 'medium',
  family: 'oil',
})
const CORRECTORS = [
  corrector('light peach', 78, 14, 20),
  corrector('peach', 72, 20, 28),
  corrector('orange', 60, 32, 42),
  corrector('yellow', 84, 3, 40),
  corrector('green', 76, -16, 18),
]
const base = (depth: number, coverage: Coverage = 'medium', thickness = 0.5) => [
  { film: pigmentFor(shade(depth, { coverage })), thickness },
]
const at = (depth: number, concern: Concern) => {
  const skin = typicalSkin(depth, 'neutral')
  return { skin, area: areaOf(skin, concern) }
}
const alone = (depth: number, concern: Concern, coverage: Coverage = 'medium', thickness = 0.5) => {
  const { skin, area } = at(depth, concern)
  return leftOver(skin, area, [], base(depth, coverage, thickness))
}
const with_ = (depth: number, concern: Concern, of: ComplexionProduct) => {
  const { skin, area } = at(depth, concern)
  return { id: of.id, ...bestCorrection(pigmentFor(of), skin, area, base(depth)) }
}
const taken = (depth: number, concern: Concern) =>
  alone(depth, concern) <= 2 ? 'none' : bestCorrector(CORRECTORS.map(c => with_(depth, concern, c)))!.id

describe('what a base hides alone', () => {
  it('a medium one leaves a dark circle visible, a full one about the limit, a sheer one nearly all of it', () => {
    expect(alone(4, 'dark circles', 'medium', 1)).toBeCloseTo(4.2, 0)
    expect(alone(4, 'dark circles', 'full', 1)).toBeCloseTo(2.8, 0)
    expect(alone(4, 'dark circles', 'sheer', 1)).toBeCloseTo(7.9, 0)
    expect(alone(4, 'dark circles', 'medium', 0)).toBeCloseTo(11.7, 0)
  })
})

describe('which corrector for whom follows from the formula', () => {
  it.each([
    ['dark circles', 1.5, 'light peach'],
    ['dark circles', 3, 'peach'],
    ['dark circles', 4, 'peach'],
    ['dark circles', 5, 'peach'],
    ['dark circles', 7, 'orange'],
    ['dark circles', 9, 'orange'],
    ['dark circles', 11, 'orange'],
    ['redness', 2, 'green'],
    ['redness', 4, 'green'],
    ['redness', 6, 'green'],
    ['redness', 12, 'none'],
    ['brown marks', 7, 'orange'],
    ['brown marks', 10, 'orange'],
  ] as const)('%s at depth %d take %s', (concern, depth, expected) => expect(taken(depth, concern)).toBe(expected))

  it('peach and orange tie at depth 6', () => {
    const [peach, orange] = [CORRECTORS[1]!, CORRECTORS[2]!].map(c => with_(6, 'dark circles', c))
    expect(Math.abs(peach!.left - orange!.left)).toBeLessThan(0.5)
  })
  it('brown marks take light peach, then peach, then orange as skins get deeper', () => {
    const order = ['none', 'light peach', 'peach', 'orange']
    const places = [1.5, 3, 5, 7, 9].map(depth => order.indexOf(taken(depth, 'brown marks')))
    expect(places).toEqual([...places].sort((x, y) => x - y))
    expect(places[0]).toBe(1)
  })
  it('light peach leaves little to depth 7, orange is orange on fair skin', () => {
    for (const depth of [3, 5, 7]) {
      const { left } = with_(depth, 'dark circles', CORRECTORS[0]!)
      expect(left).toBeGreaterThan(2.2)
      expect(left).toBeLessThan(2.9)
    }
    expect(with_(3, 'dark circles', CORRECTORS[2]!).left).toBeCloseTo(5.7, 0)
  })
})

describe('the amount', () => {
  it('is the best of all steps of 0.02', () => {
    for (const concern of ['dark circles', 'redness', 'brown marks'] as const)
      for (let depth = 1; depth <= 12; depth++)
        for (const of of CORRECTORS) {
          const { skin, area } = at(depth, concern)
          const film = pigmentFor(of)
          const all = Array.from({ length: 76 }, (_, k) =>
            leftOver(skin, area, [{ film, thickness: k * 0.02 }], base(depth)),
          )
          expect(with_(depth, concern, of).left).toBeCloseTo(Math.min(...all), 6)
        }
  })
  it('is none where a corrector makes it worse', () =>
    expect(with_(3, 'dark circles', corrector('blue', 38, -4, -34))).toMatchObject({ thickness: 0 }))
  it('of correctors about as good the one of which least is needed is taken', () => {
    const made = (id: string, left: number, thickness: number) => ({ id, left, thickness })
    expect(bestCorrector([made('a', 1, 0.9), made('b', 1.25, 0.2), made('c', 1.4, 0.1)])!.id).toBe('b')
    expect(bestCorrector([])).toBeUndefined()
  })
})

const black: Lab = { L: 3, a: 0, b: 0 }
it('an area on the darkest skin stays a colour', () => expect(areaOf(black, 'dark circles').L).toBe(4))
