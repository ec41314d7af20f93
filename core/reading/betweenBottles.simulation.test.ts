import { seeded } from '../../tests/support/random'
import { readingQuality } from '../../tests/support/readings'
import { dependingOn, OWN_SHARE, shareOf } from '../../tests/support/share'
import { skinPlace, typicalSkin, type skinAt } from '../complexion/skins/skin'
import { betweenBottles, type Comparison } from './betweenBottles'

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

it('with five known bottles finds a simulated skin within 0.7 of depth and 5° of undertone, and knows how sure it is', () => {
  const random = seeded(9 + OWN_SHARE)
  const bottles = [1.5, 4, 6, 8.5, 11].map(d => typicalSkin(d, 'neutral'))
  const quality = readingQuality(shareOf(200).length, random, truth =>
    betweenBottles(bottles.map(bottle => judge(truth, bottle, random))),
  )
  expect(quality.depth).toBeLessThan(0.7)
  expect(quality.undertone).toBeLessThan(5)
  expect(quality.coversL).toBeGreaterThanOrEqual(dependingOn(0.9, 0.8))
  expect(quality.coversHue).toBeGreaterThanOrEqual(dependingOn(0.9, 0.8))
})
