import type { RunningDay } from '#core/schedule/running'
import { betweenInWords, chairInWords, madeUpInWords, reachedInWords, runningInWords, timeInWords } from './chair'

const on = { day: '2026-12-05', timeZone: 'Europe/Lisbon' }
const nameOf = (id: string) => id.toUpperCase()
const day = (more: Partial<RunningDay> = {}): RunningDay => ({
  rows: [],
  ready: new Map(),
  late: [],
  waits: [],
  ...more,
})
const row = { faceId: 'a', artist: 'you', block: 0, from: 540, to: 580, planned: 540, done: false }

describe('where something is reached for', () => {
  const at = (place: string, more = {}) => ({ place, along: true, pan: null, ...more })
  it('is told by its pouch and its pan, mixes together where they stand together', () => {
    expect(reachedInWords([{ name: 'Fog', at: at('Base pouch') }])).toBe('where: Base pouch')
    expect(reachedInWords([{ name: 'Fog', at: at('Lip pouch', { pan: { palette: 'Quarry', at: 3, of: 12 } }) }])).toBe(
      'where: pan 3 of 12 in Quarry, Lip pouch',
    )
    const two = [
      { name: 'Fog', at: at('Base pouch') },
      { name: 'Heron', at: at('Base pouch') },
    ]
    expect(reachedInWords(two)).toBe('where: Base pouch')
    expect(reachedInWords([...two, { name: 'Keel', at: at('Shelf', { along: false }) }])).toBe(
      'where: Fog and Heron in Base pouch; Keel in Shelf (not packed)',
    )
    expect(reachedInWords([{ name: 'Fog', at: at('') }])).toBe('where: no place noted')
  })
})

describe('the day in words', () => {
  it('says who sits, who comes, and who takes longer than planned', () => {
    expect(chairInWords(on, row, nameOf, null)).toBe('A sits down first, at 9:00.')
    expect(chairInWords(on, row, nameOf, 530)).toBe('A sits down at 9:00.')
    expect(chairInWords(on, row, nameOf, 550)).toBe('A is on the chair until 9:40.')
    expect(chairInWords(on, { ...row, to: 590 }, nameOf, 590)).toBe('A is still on the chair.')
    expect(chairInWords(on, undefined, nameOf, 700)).toBe('Everybody is done.')
  })
  it('says whether it is on time, and who waits', () => {
    expect(runningInWords(day(), nameOf)).toBe('On time.')
    expect(runningInWords(day({ waits: [{ faceId: 'b', minutes: 4 }] }), nameOf)).toBe(
      'Still in time; later on the chair: B (4 min).',
    )
    expect(
      runningInWords(day({ late: [{ faceId: 'c', minutes: 1 }], waits: [{ faceId: 'b', minutes: 4 }] }), nameOf),
    ).toBe('Late: C by 1 minute. Waiting longer: B (4 min).')
  })
  it('says what to leave out, and who is late all the same', () => {
    const cuts = [{ faceId: 'b', slot: 'lashes' as const, minutes: 6 }]
    expect(madeUpInWords({ cuts, then: day() }, nameOf)).toBe(
      'Leave out, in the order of what is missed least: B: lashes (6). Then everybody is in time.',
    )
    expect(madeUpInWords({ cuts, then: day({ late: [{ faceId: 'c', minutes: 3 }] }) }, nameOf)).toContain(
      'Still late then: C by 3 minutes; tell them.',
    )
    expect(madeUpInWords({ cuts: [], then: day() }, nameOf)).toContain('tell whoever waits')
  })
  it('says what is done between two faces, and how long one has taken', () => {
    expect(betweenInWords({ do: 'hands', what: [] })).toBe('Wash or disinfect your hands.')
    expect(betweenInWords({ do: 'scrape', what: ['Plum', 'Ash'] })).toBe(
      'Wipe or scrape the top layer off: Plum and Ash.',
    )
    expect([timeInWords(null, 41.6), timeInWords(17.9, 42)]).toEqual(['42 min', '17 of 42 min'])
  })
})
