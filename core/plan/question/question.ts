import type { Coverage } from '../../complexion/bottles/product'
import type { Drops, RecipeOptions } from '../../complexion/mixing/recipe'
import type { FaceFacts } from '../../asked/face'
import type { JobFacts } from '../../asked/job'
import type { PlanSettings } from '../../asked/settings'
import type { KitItem } from '../../product/item'

/** A veto that the artist lifted: one of taste as it is, one of harm with the reason that is kept. */
export interface Override {
  itemId: string
  rule: string
  reason: string
}

export interface Situation {
  face: FaceFacts
  job: JobFacts
  settings: PlanSettings
  items: readonly KitItem[]
  options: RecipeOptions
  /** What the search for recipes of one base may take; without it every mix is tried. */
  mixingMs?: number
  overrides: readonly Override[]
}

/** What the artist holds fast in a place: a product, a recipe in drops, or nothing at all. */
export type Lock = { itemId: string } | { drops: readonly Drops[] } | { empty: true }
export type Locks = Readonly<Record<string, Lock>>

export interface PlanQuestion extends Situation {
  locks?: Locks
  /** What could be bought for places the kit cannot fill. */
  offers?: readonly KitItem[]
  /** Liquid foundation for a full face by coverage, ml. */
  faceMl?: Readonly<Record<Coverage, number>>
}
