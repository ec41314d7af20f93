import { seeded } from '../../tests/support/random'
import { difference } from '../colour/difference'
import { skinPlace, typicalSkin } from '../complexion/skins/skin'
import { averageShots } from './average'
import { betweenBottles, type Comparison } from './betweenBottles'
import { chanceInWords, likelihood } from './likelihood'
import { normalQuantile } from './quasiRandom'
import { cholesky, spherical, spread, summarise } from './reading'

describe('a reading is a mean and a spread', () => {
  it('Cholesky multiplies back', () => {
    const [l11, l21, l22, l31, l32, l33] = cholesky([4, 1, 0.5, 3, 0.25, 2])
    expect(l11 * l11).toBeCloseTo(4, 12)
    expect(l11 * l21).toBeCloseTo(1, 12)
    expect(l21 * l21 + l22 * l22).toBeCloseTo(3, 12)
    expect(l31 * l21 + l32 * l22).toBeCloseTo(0.25, 12)
    expect(l31 ** 2 + l32 ** 2 + l33 ** 2).toBeCloseTo(2, 12)
    expect(cholesky([0, 0, 0, 0, 0, 0])).toEqual([0, 0, 0, 0, 0, 0])
  })

  it('summarises weighted colours', () => {
    const { mean, covariance } = summarise(
      [
        { L: 50, a: 10, b: 10 },
        { L: 60, a: 10, b: 20 },
      ],
      [1, 3],
    )
    expect(mean).toEqual({ L: 57.5, a: 10, b: 17.5 })
    expect(spread(covariance)).toMatchObject({ L: Math.sqrt(18.75), a: 0 })
    expect(covariance[2]).toBeCloseTo(18.75, 9)
  })

  it('the normal quantile is right where it is known', () => {
    expect(normalQuantile(0.5)).toBeCloseTo(0, 9)
    expect(normalQuantile(0.975)).toBeCloseTo(1.959963985, 7)
    expect(normalQuantile(0.001)).toBeCloseTo(-3.090232306, 7)
    expect(() => normalQuantile(1)).toThrow(RangeError)
  })
})

describe('how likely a match is', () => {
  const skin = { mean: { L: 60, a: 11, b: 18 }, covariance: spherical(1, 0.8, 0.8) }
  it('agrees with plain random sampling', () => {
    const random = seeded(5)
    const colour = { L: 61, a: 11, b: 19 }
    let within = 0
    for (let i = 0; i < 20000; i++) {
      const truth = { L: 60 + random.normal(), a: 11 + 0.8 * random.normal(), b: 18 + 0.8 * random.normal() }
      if (difference(colour, truth) <= 2) within++
    }
    expect(Math.abs(likelihood(colour, skin, 2) - within / 20000)).toBeLessThan(0.02)
  })
  it('is certain without spread and falls with it', () => {
    expect(likelihood(skin.mean, { ...skin, covariance: spherical(0, 0, 0) }, 1)).toBe(1)
    expect(likelihood(skin.mean, { ...skin, covariance: spherical(4, 4, 4) }, 1)).toBeLessThan(0.2)
  })
  it('has words', () =>
    expect([0.95, 0.8, 0.5, 0.1].map(chanceInWords)).toEqual(['almost certain', 'likely', 'even chance', 'doubtful']))
})

describe('averaging shots', () => {
  const floor = { L: 0.3, a: 0.2, b: 0.2 }
  it("takes the mean, keeps the instrument's own doubt and names the stray", () => {
    const shots = [
      { L: 60, a: 11, b: 18 },
      { L: 60.2, a: 11, b: 18.2 },
      { L: 66, a: 11, b: 18 },
    ]
    const { mean, covariance, stray } = averageShots(shots, floor)
    expect(mean.L).toBeCloseTo(62.0667, 3)
    expect(stray).toContain(2)
    expect(spread(covariance).a).toBeCloseTo(0.2, 9)
  })
  it("one shot has the instrument's doubt; none is refused", () => {
    expect(spread(averageShots([{ L: 60, a: 11, b: 18 }], floor).covariance).L).toBeCloseTo(0.3, 9)
    expect(() => averageShots([], floor)).toThrow('at least one')
  })
})

describe('between bottles', () => {
  it('says nothing without comparisons: the spread of everyone', () => {
    const { mean, covariance } = betweenBottles([])
    expect(skinPlace(mean).depth).toBeGreaterThan(5.5)
    expect(spread(covariance).L).toBeGreaterThan(10)
  })

  it('deeper than one and lighter than another lies between them', () => {
    const { mean } = betweenBottles([
      { bottle: typicalSkin(4, 'neutral'), depth: 'a little deeper' },
      { bottle: typicalSkin(6, 'neutral'), depth: 'a little lighter' },
    ])
    expect(skinPlace(mean).depth).toBeGreaterThan(4)
    expect(skinPlace(mean).depth).toBeLessThan(6)
  })

  it('yellower and greyer is olive, pinker is rosy', () => {
    const bottle = typicalSkin(5, 'neutral')
    const olive = betweenBottles([{ bottle, depth: 'same depth', hue: 'yellower', chroma: 'greyer' }])
    expect(skinPlace(olive.mean).undertone).toBe('olive')
    expect(skinPlace(betweenBottles([{ bottle, depth: 'same depth', hue: 'pinker' }]).mean).undertone).toBe('rosy')
  })

  it('one slip among good answers does not lead far away', () => {
    const good: Comparison[] = [4, 5, 6].map(d => ({
      bottle: typicalSkin(d, 'neutral'),
      depth: d < 5 ? 'a little deeper' : d > 5 ? 'a little lighter' : 'same depth',
    }))
    const slipped = betweenBottles([...good, { bottle: typicalSkin(8, 'neutral'), depth: 'deeper' }])
    expect(Math.abs(skinPlace(slipped.mean).depth - 5)).toBeLessThan(1)
  })
})
