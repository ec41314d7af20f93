import { seeded } from '../../tests/support/random'
import type { MorningDay } from './faces'
import { morningOf } from './faces'
import { blockKey, madeUp, nextRow, running, type Progress } from './running'
import { stillToCut } from './shorter'
import { timetable } from './timetable'

type Random = ReturnType<typeof seeded>
const CUTS = ['contour', 'lashes', 'highlight', 'liner'] as const

function randomDay(random: Random): MorningDay {
  const whole = (least: number, most: number) => Math.floor(random.between(least, most + 1))
  const artists = ['you', 'Bo'].slice(0, whole(1, 2))
  const stations = whole(0, 1)
  return {
    artists,
    hairStations: stations,
    setUp: 20,
    changeover: whole(0, 5),
    begins: 12 * 60,
    keepOrder: false,
    faces: Array.from({ length: whole(2, 5) }, (_, i) => ({
      id: `face ${i}`,
      name: `Face ${i}`,
      readyBy: random.next() < 0.5 ? 12 * 60 - whole(0, 60) : null,
      chair: {
        before: random.next() < 0.5 ? whole(3, 8) : 0,
        settles: whole(0, 6),
        meanwhile: 0,
        after: whole(25, 40),
        touchUp: 4,
        cuts: CUTS.flatMap(slot =>
          random.next() < 0.6 ? [{ slot, minutes: whole(1, 6), part: 'after' as const }] : [],
        ),
      },
      hair: stations > 0 && random.next() < 0.4 ? { minutes: whole(10, 30), order: 'either' as const } : null,
      lead: i === 0 && random.next() < 0.3,
      artists: [],
      notReady: random.next() < 0.2,
      cut: [],
    })),
  }
}
const planned = (day: MorningDay) => timetable(morningOf(day), { timeLimitMs: 200 })
const nothing: Progress = { done: new Map(), cuts: [] }
const lateness = (d: { late: { minutes: number }[] }) => d.late.reduce((all, l) => all + l.minutes, 0)

describe('a day while it runs', () => {
  it.each(Array.from({ length: 40 }, (_, i) => i))('seed %i: goes as planned where nothing is lost', seed => {
    const day = randomDay(seeded(seed))
    const plan = planned(day)
    const { rows, late, waits } = running(day, plan, nothing, plan.start)
    expect(rows.map(({ faceId, block, from, to }) => ({ faceId, block, from, to }))).toEqual(
      plan.rows.map(({ faceId, block, from, to }) => ({ faceId, block, from, to })),
    )
    expect([late, waits]).toEqual([[], []])
    // Each done as planned, at the end of the day: all of it stands as it was.
    const done = new Map(plan.rows.map(r => [blockKey(r.faceId, r.block), r.to]))
    const over = running(day, plan, { done, cuts: [] }, 24 * 60)
    expect(over.late).toEqual([])
    expect(nextRow(over.rows)).toBeUndefined()
  })

  it.each(Array.from({ length: 60 }, (_, i) => i))(
    'seed %i: nobody is on two chairs, each comes after what comes before, and lost time never makes anybody earlier',
    seed => {
      const random = seeded(seed + 100)
      const day = randomDay(random)
      const plan = planned(day)
      const now = plan.rows[0]!.to + random.between(0, 90)
      const first = plan.rows[0]!
      const done = new Map([[blockKey(first.faceId, first.block), first.to + random.between(0, 40)]])
      const was = running(day, plan, { done, cuts: [] }, now)
      for (const artist of day.artists) {
        const own = was.rows.filter(r => r.artist === artist)
        own.slice(1).forEach((row, i) => {
          const change = row.faceId === own[i]!.faceId ? 0 : day.changeover
          expect(row.from).toBeGreaterThanOrEqual(own[i]!.to + change - 1e-9)
        })
      }
      for (const row of was.rows) expect(row.from).toBeGreaterThanOrEqual(row.planned - 1e-9)
      const later = running(day, plan, { done, cuts: [] }, now + 10)
      later.rows.forEach((row, i) => expect(row.to).toBeGreaterThanOrEqual(was.rows[i]!.to))
    },
  )

  it.each(Array.from({ length: 60 }, (_, i) => i))(
    'seed %i: what is cut makes up for as much as all cuts would, and none of it could stay',
    seed => {
      const random = seeded(seed + 500)
      const day = randomDay(random)
      const plan = planned(day)
      const now = plan.rows[0]!.to + random.between(10, 60)
      const lies = (faceId: string, slot: string) => faceId === 'face 1' && slot === 'lashes'
      const made = madeUp(day, plan, nothing, now, lies)
      const asIs = running(day, plan, nothing, now)
      if (!made) return expect(asIs.late).toEqual([])
      const possible = stillToCut(day.faces).filter(c => !lies(c.faceId, c.slot))
      const with_ = (cuts: readonly { faceId: string; slot: (typeof CUTS)[number] | string }[]) =>
        lateness(running(day, plan, { done: new Map(), cuts: cuts as Progress['cuts'] }, now))
      const least = with_(possible)
      expect(with_(made.cuts)).toBe(least)
      for (const cut of made.cuts) {
        expect(possible).toContainEqual(cut)
        expect(with_(made.cuts.filter(c => c !== cut))).toBeGreaterThan(least)
      }
      expect(lateness(made.then)).toBe(least)
    },
  )

  it('takes a face for prepared that is made up, and lets nothing be cut of whoever is finished', () => {
    const day = randomDay(seeded(3))
    day.faces = day.faces.map(f => ({ ...f, chair: { ...f.chair, before: 5 } }))
    const plan = planned(day)
    const [id, block] = [plan.rows[0]!.faceId, Math.max(...plan.rows.map(r => r.block))]
    const done = new Map([[blockKey(id, block), 11 * 60]])
    const { rows } = running(day, plan, { done, cuts: [] }, 11 * 60)
    expect(rows.filter(r => r.faceId === id).every(r => r.done)).toBe(true)
    const made = madeUp(day, plan, { done, cuts: [] }, 12 * 60, () => false)!
    expect(made.cuts.some(c => c.faceId === id)).toBe(false)
    expect(made.then.late.some(l => l.faceId === id)).toBe(false)
  })
})
