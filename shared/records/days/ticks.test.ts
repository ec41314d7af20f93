import { check } from '../../checks/validate'
import { ForecastQuery } from './forecasts'
import { TicksInput } from './ticks'

const at = '2026-12-05T09:30:00Z'
const pathsOf = (answer: ReturnType<typeof check>) => (answer.ok ? [] : answer.issues.map(i => i.path))

describe('what has to be said', () => {
  it('of a tick: what, whether, and when', () => {
    const ticks = (tick: object) => pathsOf(check(TicksInput, { ticks: [tick] }))
    expect(ticks({ key: 'unit a', done: true, at })).toEqual([])
    expect(ticks({ key: 'unit a', done: true })).toEqual(['ticks[0].at'])
    expect(ticks({ key: 'unit a', at })).toEqual(['ticks[0].done'])
    expect(ticks({ done: true, at })).toEqual(['ticks[0].key'])
    expect(ticks({ key: 'x'.repeat(301), done: true, at: 'soon' })).toEqual(['ticks[0].key', 'ticks[0].at'])
  })
  it('of a day whose weather is asked for: the day', () => {
    expect(pathsOf(check(ForecastQuery, { day: '2026-12-05' }))).toEqual([])
    for (const day of [undefined, null, '2026-02-30', at])
      expect(pathsOf(check(ForecastQuery, { day, place: 'The quay' }))).toEqual(['day'])
  })
})
