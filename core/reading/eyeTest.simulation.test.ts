import { seeded } from '../../tests/support/random'
import { readingQuality } from '../../tests/support/readings'
import { dependingOn, OWN_SHARE, shareOf } from '../../tests/support/share'
import { difference } from '../colour/difference'
import type { Lab } from '../colour/lab'
import {
  afterChoice,
  atFirst,
  ENOUGH_CHOICES,
  eyeReading,
  EYE_ANSWERS,
  nextPair,
  type EyeAnswer,
  type Pair,
} from './eyeTest'

type Random = ReturnType<typeof seeded>

/** An artist whose eye judges every distance with noise of its own, a little worse than the model takes it to be. */
function look(pair: Pair, truth: Lab, random: Random): EyeAnswer {
  if (random.between(0, 1) < 0.02) return random.pick(EYE_ANSWERS)
  const seen = difference(pair.right, truth) - difference(pair.left, truth) + 1.3 * random.normal()
  return seen > 0.8 ? 'left' : seen < -0.8 ? 'right' : 'alike'
}

it('finds a simulated skin within 0.5 of depth and 4° of undertone on average, and its spread covers the truth', () => {
  const random = seeded(31 + OWN_SHARE)
  const quality = readingQuality(shareOf(200).length, random, truth => {
    let belief = atFirst()
    for (let i = 0; i < ENOUGH_CHOICES; i++) {
      const pair = nextPair(belief)
      belief = afterChoice(belief, { pair, answer: look(pair, truth, random) })
    }
    return eyeReading(belief)
  })
  expect(quality.depth).toBeLessThan(0.5)
  expect(quality.undertone).toBeLessThan(4)
  expect(quality.coversL).toBeGreaterThanOrEqual(dependingOn(0.9, 0.8))
  expect(quality.coversHue).toBeGreaterThanOrEqual(dependingOn(0.9, 0.8))
})
