import type { Covariance, Reading } from './reading'
import { spherical, summarise } from './reading'
import { targetOf, type Site, type SiteReading, type SiteWeights } from './sites'

/** A reading of a site, with what was on the skin then. */
export interface TanReading extends SiteReading {
  tanned: boolean
}

/** What a fake tan does to a skin of depth 3 that nobody has read with one on: a starting value, and wide. */
const USUAL_TAN: Reading = { mean: { L: -7, a: 3, b: 5 }, covariance: spherical(4, 2, 3) }
// The deeper the skin, the less a tan shows on it: nothing at this lightness, all of the usual at that.
const HIDES_TAN = 20
const SHOWS_TAN = 66
// One pair says where a tan lands to about this; colour and hours vary.
const TAN_VARIES: Covariance = spherical(2, 1, 1.5)

const added = (x: Covariance, y: Covariance) => x.map((v, i) => v + y[i]!) as unknown as Covariance

/**
 * What a fake tan does to this skin: from each reading with one on, the one without that stands nearest to it in the list at the
 * same site; the usual shift where there is no such pair.
 */
export function tanShift(readings: readonly TanReading[]): Reading {
  const shifts = readings.flatMap((tan, i) => {
    if (!tan.tanned) return []
    const [bare] = readings
      .map((r, k) => ({ r, apart: Math.abs(k - i) }))
      .filter(({ r }) => !r.tanned && r.site === tan.site)
      .sort((x, y) => x.apart - y.apart)
    return bare ? [{ L: tan.mean.L - bare.r.mean.L, a: tan.mean.a - bare.r.mean.a, b: tan.mean.b - bare.r.mean.b }] : []
  })
  if (shifts.length === 0) {
    const shows = Math.min(1.2, Math.max(0, ((readings[0]?.mean.L ?? SHOWS_TAN) - HIDES_TAN) / (SHOWS_TAN - HIDES_TAN)))
    const { L, a, b } = USUAL_TAN.mean
    return { mean: { L: shows * L, a: shows * a, b: shows * b }, covariance: USUAL_TAN.covariance }
  }
  return {
    mean: summarise(
      shifts,
      shifts.map(() => 1),
    ).mean,
    covariance: TAN_VARIES,
  }
}

/** The colour a base has to agree with on a day, and whether it was read like that or reckoned from how a tan changes this skin. */
export interface DayTarget extends Reading {
  reckoned: boolean
}

const ON_THE_FACE: readonly Site[] = ['jaw', 'cheek', 'forehead']
/**
 * Whether a fake tan is on: as it was said, else as the face was read last. A chest that is tanned under a face that is not says
 * nothing of the face.
 * @param readings newest first
 */
export const tannedOnTheDay = (
  readings: readonly Pick<TanReading, 'site' | 'tanned'>[],
  tanOn: boolean | null,
): boolean => tanOn ?? (readings.find(r => ON_THE_FACE.includes(r.site)) ?? readings[0])?.tanned ?? false

/**
 * The target with a fake tan on, or without. Readings of the other kind do not count; where there are none of the kind wanted, it
 * is reckoned from them.
 * @param readings newest first
 * @param tanOn null: as at the newest reading
 * @returns null without a reading
 */
export function targetOnTheDay(
  readings: readonly TanReading[],
  weights: SiteWeights,
  tanOn: boolean | null,
): DayTarget | null {
  const wanted = tannedOnTheDay(readings, tanOn)
  const read = targetOf(
    readings.filter(r => r.tanned === wanted),
    weights,
  )
  if (read) return { ...read, reckoned: false }
  const other = targetOf(readings, weights)
  if (!other) return null
  const { mean, covariance } = tanShift(readings)
  const sign = wanted ? 1 : -1
  return {
    mean: {
      L: Math.min(100, Math.max(0, other.mean.L + sign * mean.L)),
      a: other.mean.a + sign * mean.a,
      b: other.mean.b + sign * mean.b,
    },
    covariance: added(other.covariance, covariance),
    reckoned: true,
  }
}
