import { addDays, formatISO } from 'date-fns'
import { simulatedForecast } from './simulatedForecast'

const days = Array.from({ length: 400 }, (_, i) =>
  formatISO(addDays(new Date(2026, 0, 1), i), { representation: 'date' }),
)

describe('the simulated forecast', () => {
  it('says the same when asked again, however the place is written, and something else elsewhere', () => {
    const day = '2026-07-20'
    expect(simulatedForecast({ day, place: ' The Quay ' })).toEqual(simulatedForecast({ day, place: 'the quay' }))
    expect(
      days.some(
        d =>
          simulatedForecast({ day: d, place: 'a' }).temperatureC
          !== simulatedForecast({ day: d, place: 'b' }).temperatureC,
      ),
    ).toBe(true)
  })
  it.each(['The quay', 'Tidewater Ballroom', ''])(
    '%s: has summers warmer than winters, and weather that can be',
    place => {
      const at = days.map(day => simulatedForecast({ day, place }))
      for (const { temperatureC, humidityPercent } of at) {
        expect(temperatureC).toBeGreaterThan(-25)
        expect(temperatureC).toBeLessThan(45)
        expect(humidityPercent).toBeGreaterThanOrEqual(0)
        expect(humidityPercent).toBeLessThanOrEqual(100)
      }
      const mean = (from: number) => at.slice(from, from + 30).reduce((sum, f) => sum + f.temperatureC, 0) / 30
      expect(mean(190)).toBeGreaterThan(mean(10) + 5)
      expect(at.filter(f => f.rain).length).toBeGreaterThan(60)
    },
  )
})
