import type { JobFacts } from '../asked/job'

/* What the weather of a day asks of make-up. Starting values, ours: from here on sweat and damp begin to show. */

export const HOT_C = 27
export const HUMID_PERCENT = 70

/** A day's conditions as the weather makes them; what the weather does not decide stays as it was. Indoors only damp heat counts. */
export function conditionsIn<C extends Pick<JobFacts, 'heat' | 'humidity' | 'outdoors'>>(
  conditions: C,
  weather: { temperatureC: number; humidityPercent: number },
): C {
  const humidity = weather.humidityPercent >= HUMID_PERCENT
  return conditions.outdoors
    ? { ...conditions, heat: weather.temperatureC >= HOT_C, humidity }
    : { ...conditions, humidity: conditions.humidity || (humidity && weather.temperatureC >= HOT_C) }
}
