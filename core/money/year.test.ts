import { seeded } from '../../tests/support/random'
import { yearOf, type ClosedJob } from './year'

const job = (more: Partial<ClosedJob> = {}): ClosedJob => ({
  type: 'portrait',
  faces: 2,
  inMinor: 20_000,
  usedMinor: 1000,
  spentMinor: 500,
  minutes: 120,
  ...more,
})

describe('a year of closed jobs', () => {
  it('says by type what came in, what it cost, and what is left for each face and hour', () => {
    const { lines, all } = yearOf([
      job(),
      job({ faces: 1, minutes: null }),
      job({ type: 'ceremony party', inMinor: 90_000, faces: 6, usedMinor: 6000, spentMinor: 4000, minutes: 480 }),
      job({ type: 'lesson', faces: 0, inMinor: 0, usedMinor: 0, spentMinor: 0, minutes: null }),
    ])
    expect(lines.map(l => l.type)).toEqual(['ceremony party', 'portrait', 'lesson'])
    expect(lines[0]).toMatchObject({ earnedMinor: 80_000, earnedPerHourMinor: 10_000, usedPerFaceMinor: 1000 })
    // Of two only one says how long it took.
    expect(lines[1]).toMatchObject({ jobs: 2, faces: 3, earnedMinor: 37_000, earnedPerHourMinor: 9250 })
    expect(lines[2]).toMatchObject({ usedPerFaceMinor: null, earnedPerHourMinor: null })
    expect(all).toMatchObject({ type: null, jobs: 4, faces: 9, earnedMinor: 117_000 })
  })

  it('adds up: the lines are the whole (200 years)', () => {
    const random = seeded(4)
    for (let i = 0; i < 200; i++) {
      const jobs = Array.from({ length: Math.floor(random.between(0, 12)) }, () =>
        job({
          type: random.pick(['portrait', 'stage', 'screen', 'lesson'] as const),
          faces: Math.floor(random.between(0, 9)),
          inMinor: Math.floor(random.between(0, 90_000)),
          usedMinor: Math.floor(random.between(0, 9000)),
          spentMinor: Math.floor(random.between(0, 9000)),
        }),
      )
      const { lines, all } = yearOf(jobs)
      for (const sum of ['jobs', 'faces', 'inMinor', 'usedMinor', 'spentMinor', 'earnedMinor'] as const)
        expect(lines.reduce((total, l) => total + l[sum], 0)).toBe(all[sum])
      expect(all.earnedMinor).toBe(all.inMinor - all.usedMinor - all.spentMinor)
    }
  })
})
