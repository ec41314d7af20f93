import { seeded } from '../../tests/support/random'
import { difference } from '../colour/difference'
import { readingQuality } from '../../tests/support/readings'
import type { Lab } from '../colour/lab'
import { skinPlace } from '../complexion/skin'
import {
  afterChoice,
  answerChance,
  atFirst,
  ENOUGH_CHOICES,
  eyeReading,
  EYE_ANSWERS,
  nextPair,
  USUAL_OBSERVER,
  type EyeAnswer,
  type Pair,
} from './eyeTest'
import { spread } from './reading'

type Random = ReturnType<typeof seeded>

/** An artist whose eye judges every distance with noise of its own, a little worse than the model takes it to be. */
function look(pair: Pair, truth: Lab, random: Random): EyeAnswer {
  if (random.between(0, 1) < 0.02) return random.pick(EYE_ANSWERS)
  const seen = difference(pair.right, truth) - difference(pair.left, truth) + 1.3 * random.normal()
  return seen > 0.8 ? 'left' : seen < -0.8 ? 'right' : 'alike'
}

describe('the eye test', () => {
  it('chances of the three answers add up to one, and the nearer field is likelier', () => {
    for (const [toLeft, toRight] of [
      [1, 4],
      [6, 2],
      [3, 3],
    ] as const) {
      expect(EYE_ANSWERS.reduce((sum, a) => sum + answerChance(a, toLeft, toRight, USUAL_OBSERVER), 0)).toBeCloseTo(
        1,
        6,
      )
    }
    expect(answerChance('left', 1, 6, USUAL_OBSERVER)).toBeGreaterThan(0.9)
    expect(answerChance('alike', 3, 3, USUAL_OBSERVER)).toBeGreaterThan(answerChance('alike', 1, 6, USUAL_OBSERVER))
  })

  it('begins in the middle and asks for depth first', () => {
    const { left, right } = nextPair(atFirst())
    expect(Math.abs(skinPlace(left).depth - skinPlace(right).depth)).toBeGreaterThan(3)
  })

  it('finds a simulated skin within 0.5 of depth and 4° of undertone on average, and its spread covers the truth', () => {
    const random = seeded(31)
    const quality = readingQuality(200, random, truth => {
      let belief = atFirst()
      for (let i = 0; i < ENOUGH_CHOICES; i++) {
        const pair = nextPair(belief)
        belief = afterChoice(belief, { pair, answer: look(pair, truth, random) })
      }
      return eyeReading(belief)
    })
    expect(quality.depth).toBeLessThan(0.5)
    expect(quality.undertone).toBeLessThan(4)
    expect(quality.coversL).toBeGreaterThanOrEqual(0.9)
    expect(quality.coversHue).toBeGreaterThanOrEqual(0.9)
  })

  it('each choice narrows what is believed, and taking one back is going on from the belief before', () => {
    const first = atFirst()
    const pair = nextPair(first)
    const after = afterChoice(first, { pair, answer: 'left' })
    const sum = (belief: Float64Array) => belief.reduce((s, w) => s + w, 0)
    expect(sum(first)).toBeCloseTo(1, 9)
    expect(sum(after)).toBeCloseTo(1, 9)
    expect(spread(eyeReading(after).covariance).L).toBeLessThan(spread(eyeReading(first).covariance).L)
    expect(sum(first)).toBeCloseTo(1, 9)
    expect(nextPair(first)).toEqual(pair)
  })
})
