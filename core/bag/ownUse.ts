import type { OwnedKind } from '../stock/things/kinds'

/* How much an artist really uses for a face, by the log of her closed jobs. */

/** A closed job: what its plans ask of each supply by the usual counts, and what the log says was taken. */
export interface JobUse {
  faces: number
  planned: ReadonlyMap<OwnedKind, number>
  real: ReadonlyMap<OwnedKind, number>
}
export interface OwnUse {
  kind: OwnedKind
  jobs: number
  faces: number
  /** Of all those jobs, in the measure of the kind. */
  planned: number
  real: number
}

/** A mean over fewer jobs than this says little. Starting values, ours, as the two below. */
const FEWEST_JOBS = 3
/** Older jobs say nothing about today's habits. */
const LAST_JOBS = 10
/** More than this many times the plan is not use: the level on record was wrong before. */
const MOST_TIMES = 3
const SAME = 1e-6

/**
 * Means over the last jobs that took a kind. A job whose log shows less than was planned is left out: the pack ran empty, or the use
 * was not logged. So is a job on which far more is gone than anybody uses.
 * @param jobs the newest first
 */
export function ownUseOf(jobs: readonly JobUse[]): OwnUse[] {
  const kinds = new Set(jobs.flatMap(j => [...j.planned.keys()]))
  return [...kinds].flatMap(kind => {
    const told = jobs
      .filter(j => {
        const [planned, real] = [j.planned.get(kind) ?? 0, j.real.get(kind) ?? 0]
        return planned > 0 && real >= planned - SAME && real <= planned * MOST_TIMES
      })
      .slice(0, LAST_JOBS)
    if (told.length < FEWEST_JOBS) return []
    const sum = (of: (j: JobUse) => number) => told.reduce((all, j) => all + of(j), 0)
    return [
      {
        ...{ kind, jobs: told.length, faces: sum(j => j.faces) },
        ...{ planned: sum(j => j.planned.get(kind)!), real: sum(j => j.real.get(kind)!) },
      },
    ]
  })
}

/** How much more of each kind the artist takes than is usual; kinds without a record are left out. */
export const factorsOf = (own: readonly OwnUse[]): Map<OwnedKind, number> =>
  new Map(own.map(o => [o.kind, o.real / o.planned]))
