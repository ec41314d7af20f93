import { normalQuantile } from './quasiRandom'

describe('the normal quantile', () => {
  // From tables of the normal distribution, to nine figures.
  it.each([
    [0.5, 0],
    [0.6, 0.2533471031],
    [0.75, 0.6744897502],
    [0.9, 1.2815515655],
    [0.975, 1.9599639845],
    [0.99, 2.326347874],
    [0.999, 3.0902323062],
    [0.999999, 4.753424309],
  ])('of %d is %d, and the other way round', (p, z) => {
    expect(normalQuantile(p)).toBeCloseTo(z, 7)
    expect(normalQuantile(1 - p)).toBeCloseTo(-z, 7)
  })
  it.each([0, 1, -0.1, NaN])('of %d is none', p => {
    expect(() => normalQuantile(p)).toThrow(`a probability between 0 and 1 is needed, not ${p}`)
  })
})
