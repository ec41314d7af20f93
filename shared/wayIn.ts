/* What is worth doing next while a kit is being set up: the first of these that would change an answer. */

export const STEPS = ['depths', 'reach', 'face', 'skin', 'plan', 'job'] as const
export type Step = (typeof STEPS)[number]

export interface SoFar {
  /** Products in the kit, of any kind. */
  things: number
  /** Foundations in use. */
  bases: number
  /** Those whose depth is a word or nothing: where they sit is a guess. */
  guessed: number
  faces: number
  /** Faces whose skin is known. */
  read: number
  jobs: number
  /** What the artist has looked at, or put off. */
  done: ReadonlySet<Step>
}

/** Two are the fewest that have a lightest and a deepest. */
const WORTH_LAYING = 2

/** The next step; null where there is nothing to set up from, or the first job is written down. */
export function nextStep({ things, bases, guessed, faces, read, jobs, done }: SoFar): Step | null {
  // The first page of an empty database says what to do itself.
  if (jobs > 0 || (things === 0 && faces === 0)) return null
  const open: Record<Step, boolean> = {
    depths: guessed >= WORTH_LAYING,
    reach: bases > 0,
    face: faces === 0,
    skin: faces > 0 && read === 0,
    plan: read > 0,
    job: faces > 0,
  }
  return STEPS.find(step => open[step] && !done.has(step)) ?? null
}
