import type { OwnedKind } from '../stock/things/kinds'

/* What the artist's own closed jobs say of how much is really thrown away for a face. */

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

/** Fewer jobs than this are a bad day and no habit. */
const FEWEST_JOBS = 3
/** What was a habit years ago is none now. */
const LAST_JOBS = 10
/** Where more than that is gone, it was gone before: what stood for its level was wrong. */
const MOST_TIMES = 3
const SAME = 1e-6

/**
 * Means over the last jobs that took a kind. A job whose log has less than was planned is left out: the pack was empty, or nobody
 * told, and neither says that less would do. So is one on which far more is gone than anybody uses.
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
