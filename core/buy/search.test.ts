import { seeded } from '../../tests/support/random'
import { bestChoice, bundleGreedy, type Problem } from './search'

function randomProblem(seed: number): Problem {
  const random = seeded(seed)
  const n = 4 + (seed % 7)
  const someItems = () =>
    [
      ...new Set(Array.from({ length: 1 + Math.floor(random.between(0, 3)) }, () => Math.floor(random.between(0, n)))),
    ].sort((x, y) => x - y)
  return {
    prices: Array.from({ length: n }, () => random.pick([0, 5, 10, 12.5, 20, 33])),
    budget: random.pick([0, 15, 30, 45, 80]),
    aims: Array.from({ length: 3 + (seed % 9) }, () => ({
      weight: random.pick([0.1, 0.5, 1, 2]),
      sets: Array.from({ length: 1 + Math.floor(random.between(0, 4)) }, someItems),
    })),
  }
}

/** Every subset, one after the other. */
function byHand({ prices, aims, budget }: Problem) {
  let best = { value: -1, spend: 0 }
  for (let pattern = 0; pattern < 2 ** prices.length; pattern++) {
    const held = (i: number) => (pattern & (1 << i)) !== 0
    const spend = Array.from(prices).reduce((s, p, i) => (held(i) ? s + p : s), 0)
    if (spend > budget + 1e-9) continue
    const value = aims.reduce((s, a) => s + (a.sets.some(t => t.every(held)) ? a.weight : 0), 0)
    if (value > best.value + 1e-9 || (value > best.value - 1e-9 && spend < best.spend - 1e-9)) best = { value, spend }
  }
  return best
}

describe('the search against every subset', () => {
  it.each(Array.from({ length: 150 }, (_, i) => i))('seed %i', seed => {
    const problem = randomProblem(seed)
    const found = bestChoice(problem)
    const best = byHand(problem)
    expect(found.value).toBeCloseTo(best.value, 9)
    expect(found.spend).toBeCloseTo(best.spend, 9)
    expect(found.optimal).toBe(true)
    expect(found.upperBound).toBeCloseTo(best.value, 9)
  })

  it.each(Array.from({ length: 40 }, (_, i) => i))('without time, seed %i: the bound still holds', seed => {
    const problem = randomProblem(seed)
    const { upperBound, value, spend } = bestChoice(problem, 0)
    expect(upperBound).toBeGreaterThanOrEqual(byHand(problem).value - 1e-9)
    expect(value).toBeLessThanOrEqual(upperBound + 1e-9)
    expect(spend).toBeLessThanOrEqual(problem.budget + 1e-9)
  })

  it('a bundle is never dearer than the budget', () => {
    for (let seed = 0; seed < 40; seed++) {
      const problem = randomProblem(seed)
      expect(bundleGreedy(problem).reduce((s, j) => s + problem.prices[j]!, 0)).toBeLessThanOrEqual(
        problem.budget + 1e-9,
      )
    }
  })

  it('a given start is used and never made worse', () => {
    const problem = randomProblem(7)
    const { chosen, value } = bestChoice(problem)
    expect(bestChoice(problem, Infinity, chosen).value).toBeCloseTo(value, 12)
  })
})
