import { seeded } from '../../../tests/support/random'
import { spreadOut } from './spreadOut'

describe('spreading bottles along a shelf', () => {
  it('leaves alone what has room', () => expect(spreadOut([1, 3, 9], 1)).toEqual([1, 3, 9]))
  it('moves a crowd apart about its centre', () => expect(spreadOut([5, 5, 5], 2)).toEqual([3, 5, 7]))
  it('keeps order and distance for any shelf, and the mean of all', () => {
    const random = seeded(3)
    for (let run = 0; run < 50; run++) {
      const wanted = Array.from({ length: 12 }, () => random.between(0, 12)).sort((x, y) => x - y)
      const placed = spreadOut(wanted, 0.7)
      placed.slice(1).forEach((p, i) => expect(p - placed[i]!).toBeGreaterThan(0.7 - 1e-9))
      const mean = (list: number[]) => list.reduce((s, v) => s + v, 0) / list.length
      expect(mean(placed)).toBeCloseTo(mean(wanted), 9)
    }
  })
})
