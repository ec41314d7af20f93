/** One row of a table as it was before an act and after it, the fields that changed; null where it was not there. */
export interface RowChange {
  table: string
  id: string
  /** What it is called, people as {face:ID}. */
  name: string
  /** Whose row it is, where it is somebody's. */
  faceId: string | null
  before: Record<string, unknown> | null
  after: Record<string, unknown> | null
}

/** An act as the history tells it. */
export interface Change {
  id: number
  at: string
  /** The device it was done on. */
  by: string
  words: string
  /** What taking it back would do; null where that cannot be done any more. */
  undoWords: string | null
  /** The change this one took back. */
  undoes: number | null
  undoneBy: number | null
}

/** What a change touched, so that a page knows what to load anew. */
export interface Touched {
  kit: boolean
  buys: boolean
  tests: boolean
  jobs: boolean
  settings: boolean
  faces: string[]
}
