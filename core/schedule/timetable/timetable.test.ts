import { broken, latestStart, randomMorning } from '../../../tests/support/mornings'
import { seeded } from '../../../tests/support/random'
import { shareOf } from '../../../tests/support/share'
import { timetable } from '.'

describe('the timetable of a morning', () => {
  it('starts as late as any order of small mornings allows, and keeps to what was asked', () => {
    const seeds = shareOf(240)
    let counted = 0
    for (const seed of seeds) {
      const random = seeded(seed)
      const morning = randomMorning(random, {
        faces: 1 + Math.floor(random.next() * 5),
        artists: random.next() < 0.6 ? 1 : 2,
        stations: Math.floor(random.next() * 3),
      })
      const best = latestStart(morning, 3_000)
      if (best === null) continue
      counted++
      const plan = timetable(morning, { timeLimitMs: 20_000 })
      expect({ seed, wrong: broken(morning, plan), start: plan.start, optimal: plan.proof.optimal }).toEqual({
        seed,
        wrong: [],
        start: best,
        optimal: true,
      })
      expect(plan.proof.bound).toBe(best)
      expect(plan.feasible).toBe(best >= 0)
    }
    // Some mornings are too long to be counted out.
    expect(counted).toBeGreaterThan(seeds.length / 2)
  })

  it('in a given order is the best of those that keep to it, and no better than the best of all', () => {
    for (let seed = 1; seed <= 60; seed++) {
      const random = seeded(seed)
      const morning = randomMorning(random, { faces: 2 + Math.floor(random.next() * 3), artists: 2, stations: 1 })
      const faces = morning.faces.map(f => ({ ...f, lead: false }))
      const free = timetable({ ...morning, faces }, { timeLimitMs: 20_000 })
      const sitDown = ({ rows }: typeof free) =>
        faces.map(f => rows.find(r => r.faceId === f.id && r.block === 0)!).sort((x, y) => x.from - y.from)
      // The order of the best plan costs nothing; any other is kept to and costs what it costs.
      const best = sitDown(free).map(r => r.faceId)
      expect(timetable({ ...morning, faces, order: best }, { timeLimitMs: 20_000 }).start).toBe(free.start)
      const other = [...best].reverse()
      const forced = timetable({ ...morning, faces, order: other }, { timeLimitMs: 20_000 })
      expect(broken({ ...morning, faces }, forced)).toEqual([])
      expect(forced.start).toBeLessThanOrEqual(free.start)
      const at = new Map(sitDown(forced).map(r => [r.faceId, r.from]))
      for (let i = 0; i + 1 < other.length; i++) expect(at.get(other[i]!)!).toBeLessThanOrEqual(at.get(other[i + 1]!)!)
    }
  })
  it('of a party of thirty comes with a bound when the time is over, and tells each better plan on the way', () => {
    const random = seeded(5)
    const morning = randomMorning(random, { faces: 30, artists: 2, stations: 2 })
    const starts: number[] = []
    const plan = timetable(morning, { timeLimitMs: 600, found: better => starts.push(better.start) })
    expect(broken(morning, plan)).toEqual([])
    expect(plan.proof.bound).toBeGreaterThanOrEqual(plan.start)
    expect(starts).toEqual([...starts].sort((x, y) => x - y))
    expect(starts.at(-1)).toBe(plan.start)
  })
  it('stops when it is told to, with the plan it has', () => {
    const morning = randomMorning(seeded(5), { faces: 20, artists: 2, stations: 1 })
    let asked = 0
    const plan = timetable(morning, { timeLimitMs: 60_000, stopped: () => ++asked > 2 })
    expect(broken(morning, plan)).toEqual([])
  })
})
