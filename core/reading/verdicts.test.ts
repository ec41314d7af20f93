import { typicalSkin } from '../complexion/skins/skin'
import { spherical, spread } from './reading'
import { chanceSaid, sayingChances, SAYINGS, skinAfterVerdicts, type Seen } from './verdicts'

const skin = typicalSkin(5, 'neutral')
const likeliest = (mix: typeof skin): Seen => {
  const chances = sayingChances(mix, skin)
  return SAYINGS[chances.indexOf(Math.max(...chances))]!
}

describe('what is said of a mix on a skin', () => {
  it.each<[string, Partial<typeof skin>, Seen]>([
    ['the same', {}, { seen: 'right' }],
    ['2 ΔE lighter', { L: skin.L + 2.2 }, { seen: 'too light', degree: 'a touch' }],
    ['6 ΔE deeper', { L: skin.L - 6 }, { seen: 'too deep', degree: 'clearly' }],
    ['redder, less yellow', { a: skin.a + 6, b: skin.b - 6 }, { seen: 'too pink', degree: 'clearly' }],
    ['yellower, less red', { a: skin.a - 2, b: skin.b + 4 }, { seen: 'too yellow', degree: 'a touch' }],
    ['much stronger', { a: skin.a * 1.6, b: skin.b * 1.6 }, { seen: 'too orange', degree: 'clearly' }],
    ['much weaker', { a: skin.a * 0.5, b: skin.b * 0.5 }, { seen: 'ashy', degree: 'clearly' }],
    ['yellow without its red', { a: skin.a - 9, b: skin.b - 4 }, { seen: 'green', degree: 'clearly' }],
  ])('%s', (_, change, seen) => expect(likeliest({ ...skin, ...change })).toEqual(seen))

  it('the chances of all sayings add up to one, and a word without a degree is as likely as its degrees together', () => {
    const mix = { L: skin.L - 3, a: skin.a + 1, b: skin.b }
    expect(sayingChances(mix, skin).reduce((s, p) => s + p)).toBeCloseTo(1, 12)
    expect(chanceSaid({ seen: 'too deep' }, mix, skin)).toBeCloseTo(
      chanceSaid({ seen: 'too deep', degree: 'a touch' }, mix, skin)
        + chanceSaid({ seen: 'too deep', degree: 'clearly' }, mix, skin),
      12,
    )
    // A fifth of all sayings may be careless, so nothing is ever ruled out.
    for (const said of SAYINGS) expect(chanceSaid(said, mix, skin)).toBeGreaterThan(0.01)
  })
})

describe('a skin after verdicts', () => {
  const reading = { mean: typicalSkin(5, 'neutral'), covariance: spherical(2, 1.2, 1.5) }
  const mix = typicalSkin(5, 'neutral')
  it('moves the way it was told and is known better', () => {
    const deeper = skinAfterVerdicts(reading, [
      { mix, seen: 'too light' },
      { mix, seen: 'too light' },
    ])
    expect(deeper.mean.L).toBeLessThan(reading.mean.L - 0.8)
    const right = skinAfterVerdicts(reading, [
      { mix, seen: 'right' },
      { mix, seen: 'right' },
    ])
    expect(Math.abs(right.mean.L - reading.mean.L)).toBeLessThan(0.5)
    expect(spread(right.covariance).L).toBeLessThan(spread(reading.covariance).L)
  })
  it('moves further when it is told clearly than when it is told a touch', () => {
    const moved = (degree: 'a touch' | 'clearly') =>
      reading.mean.L - skinAfterVerdicts(reading, [{ mix, seen: 'too light', degree }]).mean.L
    expect(moved('clearly')).toBeGreaterThan(moved('a touch') + 0.3)
  })
  it('stays where it is when nothing was said', () => expect(skinAfterVerdicts(reading, [])).toBe(reading))
})
