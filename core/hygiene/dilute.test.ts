import { seeded } from '../../tests/support/random'
import { dilute } from './dilute'

describe('a dilution', () => {
  it('is what a bottle of disinfectant needs', () => {
    const { stockMl, waterMl } = dilute(96, 70, 500)
    expect(stockMl).toBeCloseTo(364.58, 2)
    expect(waterMl).toBeCloseTo(135.42, 2)
  })
  it('takes the stock as it is where it has the strength already', () => {
    for (const ml of [250, 3, 0.1, 1e-3]) expect(dilute(0.1, 0.1, ml)).toEqual({ stockMl: ml, waterMl: 0 })
  })
  it('fills the bottle and keeps all that was strong', () => {
    const random = seeded(11).next
    for (let i = 0; i < 500; i++) {
      const stock = 1 + random() * 99
      const target = 0.01 + random() * (stock - 0.01)
      const ml = 0.5 + random() * 5000
      const { stockMl, waterMl } = dilute(stock, target, ml)
      expect(waterMl).toBeGreaterThanOrEqual(0)
      expect(stockMl + waterMl).toBeCloseTo(ml, 8)
      expect((stockMl * stock) / ml).toBeCloseTo(target, 8)
    }
  })
  it.each([
    [70, 96, 500],
    [101, 70, 500],
    [96, 0, 500],
    [96, 70, 0],
    [Number.NaN, 70, 500],
  ])('of %d %% to %d %% in %d ml is refused', (stock, target, ml) => {
    expect(() => dilute(stock, target, ml)).toThrow(RangeError)
  })
})
