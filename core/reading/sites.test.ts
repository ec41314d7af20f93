import { spherical } from './reading'
import { newestBySite, sharesOf, targetOf, type SiteReading } from './sites'

const at = (site: SiteReading['site'], L: number, sd = 1): SiteReading => ({
  site,
  mean: { L, a: 10, b: 18 },
  covariance: spherical(sd, sd, sd),
})

describe('the target of a face', () => {
  it('is the newest reading at the jaw until said otherwise', () => {
    expect(targetOf([at('neck', 66), at('jaw', 60), at('jaw', 58)])!.mean.L).toBe(60)
    expect(targetOf([])).toBeNull()
  })
  it('weighs the sites that count, and knows better from two than from one', () => {
    const { mean, covariance } = targetOf([at('jaw', 60), at('chest', 64)], { jaw: 3, chest: 1 })!
    expect(mean.L).toBeCloseTo(61, 9)
    expect(covariance[0]).toBeCloseTo(0.75 ** 2 + 0.25 ** 2, 9)
  })
  it('a site not read leaves its share to the others; none read, the newest of all stands in', () => {
    expect(targetOf([at('jaw', 60)], { jaw: 1, neck: 1 })!.mean.L).toBe(60)
    expect(targetOf([at('cheek', 57), at('forehead', 62)], { neck: 1 })!.mean.L).toBe(57)
  })
  it('keeps the first of each site', () => {
    expect([...newestBySite([at('neck', 1), at('jaw', 2), at('neck', 3)]).values()].map(r => r.mean.L)).toEqual([1, 2])
  })
})

it('shares are told of sites that are read and count', () => {
  expect(sharesOf(['neck', 'jaw', 'cheek'], { jaw: 1, neck: 3, chest: 2, cheek: 0 })).toEqual([
    { site: 'jaw', share: 0.25 },
    { site: 'neck', share: 0.75 },
  ])
  expect(sharesOf(['jaw'], {})).toEqual([])
})
