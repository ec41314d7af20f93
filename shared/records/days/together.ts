import type { OwnUse } from '#core/bag/ownUse'
import type { Together } from '#core/bag/together'

/** All faces of a job together, with who they are. */
export interface JobTogether extends Together {
  /** Faces by id, in the order of the day. */
  faces: { id: string; name: string }[]
  /** Faces whose plan cannot be made yet. */
  unplanned: string[]
  /** What one’s own closed jobs say of what is counted here; the counts go by it. */
  own: OwnUse[]
  /** Colours and names of what batches are mixed from. */
  mixed: { id: string; shade: string; lab: { L: number; a: number; b: number } }[]
}
