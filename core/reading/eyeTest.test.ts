import { skinPlace } from '../complexion/skins/skin'
import { afterChoice, answerChance, atFirst, eyeReading, EYE_ANSWERS, nextPair, USUAL_OBSERVER } from './eyeTest'
import { spread } from './reading'

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
