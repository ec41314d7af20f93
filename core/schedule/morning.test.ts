import { chairTime, USUAL_CHAIR, type ChairTime } from '../plan/layers/chair'
import { blocksOf, morningOf, NOT_READY, type BookedFace, type MorningDay } from './faces'
import { bends, shorter, stillToCut } from './shorter'
import { timetable } from './timetable'

const LAYERS = [
  { slot: 'cleanse', minutes: 2 },
  { slot: 'moisturise', minutes: 1.5 },
  { slot: 'brows', minutes: 4 },
  { slot: 'eyes', minutes: 6 },
  { slot: 'lashes', minutes: 6 },
  { slot: 'foundation', minutes: 8 },
  { slot: 'highlight', minutes: 1 },
] as const
const STEPS = [
  { id: 'beard', minutes: 3, when: 'first' },
  { id: 'brush out', minutes: 1, when: { after: 'foundation' } },
  { id: 'touch-up', minutes: 4, when: 'later' },
  { id: 'shine rounds', minutes: 1, when: 'later' },
] as const

const person = (id: string, more: Partial<BookedFace> = {}): BookedFace => ({
  id,
  name: id,
  readyBy: null,
  chair: USUAL_CHAIR,
  hair: null,
  lead: false,
  artists: [],
  notReady: false,
  cut: [],
  ...more,
})
const dayOf = (faces: BookedFace[], more: Partial<MorningDay> = {}): MorningDay => ({
  artists: ['you'],
  hairStations: 0,
  setUp: 25,
  changeover: 4,
  begins: 660,
  faces,
  keepOrder: false,
  ...more,
})

describe('a face at the chair', () => {
  const settles = chairTime(LAYERS, STEPS, 'eyes while skincare settles')
  it('is prepared, then settles while the eyes are done', () => {
    expect(settles).toMatchObject({ before: 7, settles: 5, meanwhile: 16, after: 28, touchUp: 4 })
    expect(settles.cuts).toEqual([
      { slot: 'highlight', minutes: 1, part: 'after' },
      { slot: 'lashes', minutes: 6, part: 'meanwhile' },
    ])
    expect(blocksOf(settles, [])).toEqual([{ minutes: 7, gap: { least: 0, most: 40 } }, { minutes: 28 }])
  })
  it('frees the chair where nothing is done meanwhile', () => {
    const straight = chairTime(LAYERS, STEPS, 'skin straight through')
    expect(blocksOf(straight, [])[0]).toEqual({ minutes: 7, gap: { least: 5, most: 40 } })
    const first = chairTime(LAYERS, STEPS, 'eyes first')
    expect(first).toMatchObject({ before: 23, after: 12 })
  })
  it('waits for what is cut from the eyes', () => {
    const few: ChairTime = { ...settles, settles: 15, meanwhile: 16 }
    expect(blocksOf(few, ['lashes'])[0]!.gap!.least).toBe(5)
    expect(blocksOf(settles, ['lashes', 'highlight'])[1]).toEqual({ minutes: 21 })
  })
  it('without skincare is one block', () => {
    const bare = chairTime(LAYERS.slice(2), STEPS, 'eyes while skincare settles')
    expect(blocksOf(bare, [])).toEqual([{ minutes: 31 }])
  })
})

describe('the morning of a job', () => {
  it('takes whoever has no time of their own with everybody, and longer for who does not come ready', () => {
    const { faces } = morningOf(
      dayOf([person('a', { readyBy: 600 }), person('b', { notReady: true, artists: ['gone'] })]),
    )
    expect(faces.map(f => f.readyBy)).toEqual([600, 660])
    expect(faces[1]!.blocks[0]!.minutes).toBe(USUAL_CHAIR.before + NOT_READY)
    expect(faces[1]!.artists).toEqual([])
  })
  it('looks once more at whoever the day is for, when the one after them is done', () => {
    const day = dayOf([person('Nell'), person('Bea', { lead: true }), person('Jonas')])
    const plan = timetable(morningOf(day), { timeLimitMs: 2000 })
    const of = (id: string) => plan.rows.filter(r => r.faceId === id).map(r => r.to)
    const [, left, look] = of('Bea')
    const last = Math.max(...of('Nell'), ...of('Jonas'))
    expect(left).toBeLessThan(last)
    expect([look, look! - USUAL_CHAIR.touchUp >= last]).toEqual([660, true])
    // Also where there is time enough to look at her before anybody comes after her.
    const early = dayOf([person('Nell', { readyBy: 400 }), person('Bea', { lead: true }), person('Jonas')])
    const { rows } = timetable(morningOf(early), { timeLimitMs: 2000 })
    expect(rows.at(-1)).toMatchObject({ faceId: 'Bea', block: 2, to: 660 })
    // Already the first plan reported is a whole one.
    const told: number[] = []
    timetable(morningOf(early), { timeLimitMs: 2000, found: better => told.push(better.start) })
    expect(told.every(Number.isFinite)).toBe(true)
  })
})

describe('a morning that is too long', () => {
  const cuttable = (id: string, lead = false) =>
    person(id, {
      lead,
      chair: {
        ...USUAL_CHAIR,
        cuts: [
          { slot: 'highlight', minutes: 1, part: 'after' },
          { slot: 'contour', minutes: 3, part: 'after' },
          { slot: 'lashes', minutes: 6, part: 'after' },
        ],
      },
    })
  const day = dayOf([cuttable('Nell'), cuttable('Bea', true), cuttable('Tam')])
  const { start } = timetable(morningOf(day), { timeLimitMs: 2000 })

  it('gives up what is missed least first, and of whom the day is for last', () => {
    expect(stillToCut(day.faces).map(c => `${c.slot} ${c.faceId}`)).toEqual([
      'highlight Nell',
      'highlight Tam',
      'contour Nell',
      'contour Tam',
      'lashes Nell',
      'lashes Tam',
      'highlight Bea',
      'contour Bea',
      'lashes Bea',
    ])
  })
  it.each([1, 4, 7, 13])('is cut by no more than it takes to begin %i minutes later', later => {
    const { cuts, enough, timetable: plan } = shorter(day, start + later, 500)
    expect(enough).toBe(true)
    expect(plan.start).toBeGreaterThanOrEqual(start + later)
    for (const cut of cuts) {
      const others = cuts.filter(c => c !== cut)
      const faces = day.faces.map(f => ({ ...f, cut: others.filter(c => c.faceId === f.id).map(c => c.slot) }))
      expect(timetable(morningOf({ ...day, faces }), { timeLimitMs: 500 }).start).toBeLessThan(start + later)
    }
  })
  it('says when all there is to cut is not enough', () => {
    const { cuts, enough, missing } = shorter(day, start + 60, 500)
    expect([cuts.length, enough, missing]).toEqual([9, false, 30])
    // Whoever is not what the day waits for is cut for nothing.
    const waiting = dayOf([person('Nell', { readyBy: 500 }), { ...day.faces[2]!, readyBy: 900 }])
    const { start: at } = timetable(morningOf(waiting), { timeLimitMs: 500 })
    expect(shorter(waiting, at + 20, 500)).toMatchObject({ cuts: [], enough: false, missing: 20 })
    expect(shorter(day, start, 500).cuts).toEqual([])
  })
  it('bends by what it is told without', () => {
    const all = bends(
      { ...day, hairStations: 1, faces: [...day.faces, person('Odile', { hair: { minutes: 30, order: 'before' } })] },
      500,
    )
    expect(all.map(b => b.bend.is)).toEqual(['lead', 'hair', 'station', 'artist', 'short'])
    const by = new Map(all.map(b => [b.bend.is, b.start]))
    expect(by.get('artist')!).toBeGreaterThan(by.get('short')!)
    expect(bends({ ...day, keepOrder: true }, 500).map(b => b.bend.is)).toEqual(['order', 'artist', 'short'])
  })
})
