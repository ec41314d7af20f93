import { shade } from '../../../tests/support/kits'
import { difference } from '../../colour/difference'
import type { ComplexionProduct } from '../bottles/product'
import { skinAt, typicalSkin } from '../skins/skin'
import { pigmentFor } from '../bottles/pigments'
import { castOf, driftUnder, layered, pigmentOfDrops, wornMatch } from './worn'

const clear: ComplexionProduct = {
  id: 'clear',
  lab: { L: 96, a: 0, b: 2 },
  coverage: 'sheer',
  hide: 0.06,
  family: 'powder',
}

describe('worn', () => {
  const skin = typicalSkin(5, 'neutral')
  it('a shade that is the skin stays the skin at every thickness', () => {
    for (const X of [0.5, 1, 2]) {
      const { deltaEBottle, deltaEWorn } = wornMatch(pigmentFor(shade(5)), skin, skin, X)
      expect(deltaEBottle).toBeLessThan(1e-6)
      expect(deltaEWorn).toBeLessThan(1e-6)
    }
  })
  it('sheer films forgive a wrong bottle, full ones do not', () => {
    const wrong = (coverage: 'sheer' | 'full') => wornMatch(pigmentFor(shade(6.5, { coverage })), skin, skin)
    expect(wrong('sheer').deltaEWorn).toBeLessThan(0.85 * wrong('full').deltaEWorn)
    expect(wrong('sheer').deltaEWorn).toBeLessThan(wrong('sheer').deltaEBottle)
    expect(wrong('full').deltaEBottle).toBeCloseTo(difference(shade(6.5).lab, skin), 6)
  })
  it('a redder face is brought to its neck, better by the thicker layer', () => {
    const face = skinAt(5.5, -12, 1.25)
    const thin = wornMatch(pigmentFor(shade(5)), face, skin, 0.5)
    const built = wornMatch(pigmentFor(shade(5)), face, skin, 2)
    expect(built.deltaEWorn).toBeLessThan(thin.deltaEWorn)
    expect(thin.deltaEWorn).toBeLessThan(difference(face, skin))
  })
  it('a mix in drops is linear in K and S and refuses strangers', () => {
    const half = pigmentOfDrops(
      [
        { id: 's4', count: 1 },
        { id: 's6', count: 1 },
      ],
      [shade(4), shade(6)],
    )
    expect(half.S).toBeCloseTo((pigmentFor(shade(4)).S + pigmentFor(shade(6)).S) / 2, 12)
    expect(() => pigmentOfDrops([{ id: 'x', count: 1 }], [shade(4)])).toThrow('no product "x"')
    expect(() => pigmentOfDrops([], [shade(4)])).toThrow('at least one drop')
  })
  it('a colour mixed from a far adjuster drifts under lamps more than a plain shade', () => {
    const plain = driftUnder(pigmentFor(shade(5)), skin, skin, 1, 'A')
    expect(Math.abs(plain)).toBeLessThan(0.2)
    expect(Number.isFinite(driftUnder(pigmentFor(shade(7)), skin, skin, 1, 'ledWarm'))).toBe(true)
  })
})

describe('pale cast', () => {
  it('"clear" powder goes unseen on fair skin and pale on deep skin', () => {
    const fair = castOf(pigmentFor(clear), typicalSkin(2, 'neutral'))
    const deep = castOf(pigmentFor(clear), typicalSkin(11, 'neutral'))
    expect(deep.lighter).toBeGreaterThan(fair.lighter)
    expect(fair.deltaE).toBeLessThan(2)
    expect(deep.deltaE).toBeGreaterThan(2)
    expect(deep.greyer).toBeGreaterThan(0)
  })
  it('grows with the amount', () => {
    const skin = typicalSkin(9, 'golden')
    expect(castOf(pigmentFor(clear), skin, 2).deltaE).toBeGreaterThan(castOf(pigmentFor(clear), skin, 0.5).deltaE)
    expect(castOf(pigmentFor(clear), skin, 0).deltaE).toBeLessThan(1e-6)
  })
})

describe('layers', () => {
  it('nothing on the skin is the skin; a second layer of the same is a thicker one', () => {
    const skin = typicalSkin(4, 'rosy')
    expect(difference(layered(skin, []), skin)).toBeLessThan(1e-6)
    const film = pigmentFor(shade(6))
    expect(
      difference(
        layered(skin, [
          { film, thickness: 0.5 },
          { film, thickness: 0.5 },
        ]),
        layered(skin, [{ film, thickness: 1 }]),
      ),
    ).toBeLessThan(1e-6)
  })
})
