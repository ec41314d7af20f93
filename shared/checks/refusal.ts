import type { Issue } from './validate'

/** A record as it is stored now: in the answer to a write that was made from an older version of it. */
export interface StoredNow {
  version: number
}

/** The body of every answer with a status of 400 or more. */
export interface RefusalBody {
  error: {
    /** A word for programs: "invalid-input", "stale", "not-found" … */
    code: string
    /** A sentence for the artist. */
    message: string
    /** What is wrong at which field. */
    issues: Issue[]
    /** With the code "stale" alone. */
    today?: StoredNow
  }
}
