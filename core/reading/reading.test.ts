import { seeded } from '../../tests/support/random'
import { difference } from '../colour/difference'
import { readingQuality } from '../../tests/support/readings'
import type { skinAt } from '../complexion/skin'
import { skinPlace, typicalSkin } from '../complexion/skin'
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

  it('with five known bottles finds a simulated skin within 0.7 of depth and 5° of undertone, and knows how sure it is', () => {
    const random = seeded(9)
    const bottles = [1.5, 4, 6, 8.5, 11].map(d => typicalSkin(d, 'neutral'))
    const quality = readingQuality(200, random, truth =>
      betweenBottles(bottles.map(bottle => judge(truth, bottle, random))),
    )
    expect(quality.depth).toBeLessThan(0.7)
    expect(quality.undertone).toBeLessThan(5)
    expect(quality.coversL).toBeGreaterThanOrEqual(0.9)
    expect(quality.coversHue).toBeGreaterThanOrEqual(0.9)
  })
})

/** An artist who sees the difference with noise and says the nearest word. */
function judge(
  truth: ReturnType<typeof skinAt>,
  bottle: ReturnType<typeof skinAt>,
  random: ReturnType<typeof seeded>,
): Comparison {
  const deeper = bottle.L - truth.L + random.normal()
  const turn = skinPlace(truth).hueDeviation - skinPlace(bottle).hueDeviation + 2 * random.normal()
  const depth =
    deeper > 13
      ? 'much deeper'
      : deeper > 5.5
        ? 'deeper'
        : deeper > 1.2
          ? 'a little deeper'
          : deeper > -1.2
            ? 'same depth'
            : deeper > -5.5
              ? 'a little lighter'
              : deeper > -13
                ? 'lighter'
                : 'much lighter'
  const hue =
    turn > 7
      ? 'yellower'
      : turn > 2
        ? 'a little yellower'
        : turn > -2
          ? 'same hue'
          : turn > -7
            ? 'a little pinker'
            : 'pinker'
  return { bottle, depth, hue }
}
