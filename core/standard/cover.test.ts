import { seeded } from '../../tests/support/random'
import { cheapestCover, isServed, type Point } from './cover'

type Random = ReturnType<typeof seeded>

/** Every choice there is, one after another. */
function bruteForce(cost: readonly number[], points: readonly Point[]): number | null {
  let best: number | null = null
  for (let bits = 0; bits < 2 ** cost.length; bits++) {
    const has = (t: number) => (bits & (1 << t)) !== 0
    if (!points.every(p => isServed(p, has))) continue
    const total = cost.reduce((sum, c, t) => sum + (has(t) ? c : 0), 0)
    if (best === null || total < best) best = total
  }
  return best
}

function randomPoint(random: Random, things: number): Point {
  const sort = random.next()
  const some = (most: number) => {
    const picked = new Set<number>()
    while (picked.size < Math.min(most, things)) picked.add(Math.floor(random.next() * things))
    return [...picked]
  }
  if (sort < 0.5)
    return { need: 1, ways: some(1 + Math.floor(random.next() * 5)).map(t => ({ things: [t], gives: 1 })) }
  if (sort < 0.75)
    return {
      need: 1,
      ways: Array.from({ length: 1 + Math.floor(random.next() * 4) }, () => ({
        things: some(1 + Math.floor(random.next() * 3)),
        gives: 1,
      })),
    }
  const ways = some(2 + Math.floor(random.next() * 4)).map(t => ({
    things: [t],
    gives: 1 + Math.floor(random.next() * 3),
  }))
  return { need: 1 + Math.floor(random.next() * 4), ways }
}

describe('the cheapest choice that does everything', () => {
  it('is what trying every choice finds, in number and in weight', () => {
    const random = seeded(10)
    let solved = 0
    for (let round = 0; round < 400; round++) {
      const things = 3 + Math.floor(random.next() * 9)
      const cost = Array.from({ length: things }, () => (round % 2 ? 1 : Math.round(random.between(1, 40))))
      const points = Array.from({ length: 1 + Math.floor(random.next() * 8) }, () => randomPoint(random, things))
      const found = cheapestCover(cost, points)
      const brute = bruteForce(cost, points)
      expect([round, found?.cost ?? null]).toEqual([round, brute])
      if (!found) continue
      solved++
      expect(found).toMatchObject({ optimal: true, bound: found.cost })
      expect(points.every(p => isServed(p, t => found.chosen.includes(t)))).toBe(true)
      expect(found.chosen.reduce((sum, t) => sum + cost[t]!, 0)).toBe(found.cost)
    }
    expect(solved).toBeGreaterThan(250)
  })

  it('says what it could prove when its time is over, and never claims more', () => {
    const random = seeded(3)
    for (let round = 0; round < 30; round++) {
      const cost = Array.from({ length: 12 }, () => Math.round(random.between(1, 9)))
      const points = Array.from({ length: 14 }, () => randomPoint(random, 12))
      const brute = bruteForce(cost, points)
      let left = 6
      const hurried = cheapestCover(cost, points, () => left-- <= 0)
      if (brute === null || !hurried) continue
      expect(hurried.bound).toBeLessThanOrEqual(brute)
      expect(hurried.cost).toBeGreaterThanOrEqual(brute)
      expect(points.every(p => isServed(p, t => hurried.chosen.includes(t)))).toBe(true)
    }
  })

  it('asks nothing where nothing is asked', () => {
    expect(cheapestCover([1, 2], [])).toEqual({ chosen: [], cost: 0, bound: 0, optimal: true })
    expect(cheapestCover([1], [{ need: 0, ways: [] }])).toMatchObject({ chosen: [] })
    expect(cheapestCover([1], [{ need: 2, ways: [{ things: [0], gives: 1 }] }])).toBeNull()
  })
})
