import { createHash } from 'node:crypto'
import { getDayOfYear, parseISO } from 'date-fns'
import type { Forecast, ForecastQuery } from '#shared/records/days/forecasts'

/*
 * A stand-in for a weather service, shipped with the application and named as simulated wherever it shows. A place has a climate of its own,
 * drawn from its name, a day its weather, drawn from both: asked again, it says the same.
 */

const YEAR = 365.25
/** The warmest day, about a month after the longest. */
const WARMEST = 205
const share = (text: string) => createHash('sha256').update(text).digest().readUInt32BE(0) / 2 ** 32

export function simulatedForecast({ day, place }: ForecastQuery): Forecast {
  const where = place.trim().toLowerCase()
  const mean = 8 + 10 * share(`mean ${where}`)
  const swing = 6 + 8 * share(`swing ${where}`)
  const season = Math.cos(((getDayOfYear(parseISO(day)) - WARMEST) / YEAR) * 2 * Math.PI)
  const of = (what: string) => share(`${what} ${where} ${day}`)
  const rain = of('rain') < 0.3
  const humidityPercent = Math.round(rain ? 75 + 20 * of('damp') : 40 + 40 * of('damp'))
  return {
    temperatureC: Math.round(mean + swing * season + 8 * (of('heat') - 0.5)),
    humidityPercent,
    rain,
    simulated: true,
  }
}
