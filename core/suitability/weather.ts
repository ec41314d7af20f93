import type { JobFacts } from '../asked/job'

/* What the weather of a day asks of make-up. Starting values: where sweat and damp begin to tell. */

export const HOT_C = 27
export const HUMID_PERCENT = 70

/** What of a day's conditions the weather says; what it says nothing of stays as it is. Indoors it tells only of damp. */
export function conditionsIn<C extends Pick<JobFacts, 'heat' | 'humidity' | 'outdoors'>>(
  conditions: C,
  weather: { temperatureC: number; humidityPercent: number },
): C {
  const humidity = weather.humidityPercent >= HUMID_PERCENT
  return conditions.outdoors
    ? { ...conditions, heat: weather.temperatureC >= HOT_C, humidity }
    : { ...conditions, humidity: conditions.humidity || (humidity && weather.temperatureC >= HOT_C) }
}
