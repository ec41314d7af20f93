import { seeded } from '../../tests/support/random'
import { difference } from '../colour/difference'
import { skinAt, skinPlace, TYPICAL_UNDERTONE, UNDERTONES } from '../complexion/skin'
import { afterChoice, answerChance, atFirst, ENOUGH_CHOICES, eyeReading, EYE_ANSWERS, nextPair, USUAL_OBSERVER, type EyeAnswer, type Pair } from './eyeTest'
import { spread } from './reading'

type Random = ReturnType<typeof seeded>

/** A skin as they come. */
function someSkin(random: Random) {
  const typical = TYPICAL_UNDERTONE[random.pick(UNDERTONES)]
  return skinAt(random.between(1, 12), typical.hueDeviation + 3 * random.normal(), typical.chromaRatio + 0.05 * random.normal())
}

/** An artist whose eye judges every distance with noise of its own, a little worse than the model takes it to be. */
function look(pair: Pair, truth: ReturnType<typeof someSkin>, random: Random): EyeAnswer {
  if (random.between(0, 1) < 0.02) return random.pick(EYE_ANSWERS)
  const seen = difference(pair.right, truth) - difference(pair.left, truth) + 1.3 * random.normal()
  return seen > 0.8 ? 'left' : seen < -0.8 ? 'right' : 'alike'
}

describe('the eye test', () => {
  it('chances of the three answers add up to one, and the nearer field is likelier', () => {
    for (const [toLeft, toRight] of [[1, 4], [6, 2], [3, 3]] as const) {
      expect(EYE_ANSWERS.reduce((sum, a) => sum + answerChance(a, toLeft, toRight, USUAL_OBSERVER), 0)).toBeCloseTo(1, 6)
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
    const runs = 200
    let depth = 0
    let hue = 0
    let coveredDepth = 0
    let coveredHue = 0
    for (let run = 0; run < runs; run++) {
      const truth = someSkin(random)
      let belief = atFirst()
      for (let i = 0; i < ENOUGH_CHOICES; i++) {
        const pair = nextPair(belief)
        belief = afterChoice(belief, { pair, answer: look(pair, truth, random) })
      }
      const { mean, covariance } = eyeReading(belief)
      const [found, real] = [skinPlace(mean), skinPlace(truth)]
      depth += Math.abs(found.depth - real.depth) / runs
      hue += Math.abs(found.hueDeviation - real.hueDeviation) / runs
      const sd = spread(covariance)
      if (Math.abs(mean.L - truth.L) <= 2 * sd.L) coveredDepth++
      if (Math.hypot((mean.a - truth.a) / sd.a, (mean.b - truth.b) / sd.b) <= 2.45) coveredHue++
    }
    expect(depth).toBeLessThan(0.5)
    expect(hue).toBeLessThan(4)
    expect(coveredDepth / runs).toBeGreaterThanOrEqual(0.9)
    expect(coveredHue / runs).toBeGreaterThanOrEqual(0.9)
  })
})
