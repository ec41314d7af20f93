import * as is from '../../checks/rules'

/** Where and when the weather is asked for. */
export class ForecastQuery {
  @is.Given()
  @is.Moment()
  @is.Satisfies('day alone', v => typeof v === 'string' && v.length <= 10, 'must be a day, as 2026-12-05')
  day!: string
  @is.Text(0, 200) place: string = ''
}

/** The weather of a day at a place, from the simulated service. */
export interface Forecast {
  /** The highest of the day, degrees Celsius. */
  temperatureC: number
  humidityPercent: number
  rain: boolean
  simulated: true
}
