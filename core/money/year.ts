import type { JobType } from '../asked/job'

/* A year of closed jobs: what came in, what it cost, and what is left of it for each face and each hour, by type of job. */

export interface ClosedJob {
  type: JobType
  /** Made up, not only booked. */
  faces: number
  /** What was paid, tips among it. */
  inMinor: number
  /** What went on and what was thrown away. */
  usedMinor: number
  /** The way, fares and extras. */
  spentMinor: number
  /** Minutes there; null where not noted. */
  minutes: number | null
}

export interface YearLine {
  /** Null for all of them. */
  type: JobType | null
  jobs: number
  faces: number
  inMinor: number
  usedMinor: number
  spentMinor: number
  /** What is left, the artist's hours not paid yet. */
  earnedMinor: number
  /** Of what was used, for each face; null where nobody was made up. */
  usedPerFaceMinor: number | null
  earnedPerFaceMinor: number | null
  /** Of the jobs whose hours are known; null where none is. */
  earnedPerHourMinor: number | null
}

/** Lines by type, the one that brought most first, and the sum of all. */
export function yearOf(jobs: readonly ClosedJob[]): { lines: YearLine[]; all: YearLine } {
  const types = [...new Set(jobs.map(j => j.type))]
  const lines = types.map(type =>
    lineOf(
      type,
      jobs.filter(j => j.type === type),
    ),
  )
  return { lines: lines.sort((x, y) => y.earnedMinor - x.earnedMinor), all: lineOf(null, jobs) }
}

const earnedOn = ({ inMinor, usedMinor, spentMinor }: ClosedJob) => inMinor - usedMinor - spentMinor

function lineOf(type: JobType | null, jobs: readonly ClosedJob[]): YearLine {
  const sum = (of: (job: ClosedJob) => number) => jobs.reduce((all, j) => all + of(j), 0)
  const faces = sum(j => j.faces)
  const timed = jobs.filter(j => j.minutes !== null && j.minutes > 0)
  const minutes = timed.reduce((all, j) => all + j.minutes!, 0)
  const earnedMinor = sum(earnedOn)
  const each = (minor: number) => (faces > 0 ? Math.round(minor / faces) : null)
  return {
    type,
    jobs: jobs.length,
    faces,
    inMinor: sum(j => j.inMinor),
    usedMinor: sum(j => j.usedMinor),
    spentMinor: sum(j => j.spentMinor),
    earnedMinor,
    usedPerFaceMinor: each(sum(j => j.usedMinor)),
    earnedPerFaceMinor: each(earnedMinor),
    earnedPerHourMinor:
      minutes > 0 ? Math.round((timed.reduce((all, j) => all + earnedOn(j), 0) * 60) / minutes) : null,
  }
}
