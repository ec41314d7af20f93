import type { Concern } from '../../complexion/correct'
import type { Look } from '../../look/agreed'
import type { Programme } from '../../asked/programme'
import type { KitItem } from '../../product/item'
import type { FaceFacts, SkinType, Zone } from '../../asked/face'
import type { JobFacts } from '../../asked/job'
import type { PlanSettings } from '../../asked/settings'
import type { PlaceKey, SlotId } from '../../asked/slots'
import type { Scope } from './scope'

export const NEED_SOURCES = ['programme', 'chart', 'look', 'skin', 'day', 'method', 'house rule', 'held'] as const
export type NeedSource = (typeof NEED_SOURCES)[number]

/** A reason for a layer to be there. No need, no layer; what it is made with is another question. */
export interface Need {
  from: NeedSource
  /** The rule it goes with: switched off, the need is none. */
  rule: string
  slot: SlotId
  key: PlaceKey
  /** Why, as the artist reads it: a clause that begins in lower case. */
  sentence: string
  /** Usual rather than needed: left out where the kit does it badly, and the first to go when time is short. */
  soft?: boolean
  /** Which products meet it; all of the slot's when left out. */
  met?: (item: KitItem) => boolean
  /** Where on the face, in words and as zones; all of the slot's when left out. */
  where?: string
  zones?: readonly Zone[]
  skinType?: SkinType
  tone?: FaceFacts['secondTone']
  concern?: Concern
  /** What it is there to cover: not needed once the base or a corrector does that. */
  covers?: Concern
}

/** What needs are read from. */
export interface Scene {
  face: FaceFacts
  job: JobFacts
  settings: PlanSettings
  programme: Programme
  look: Look
  scope: Scope
}

export type NeedsOf = (scene: Scene) => readonly Need[]

export const need = (
  from: NeedSource,
  rule: string,
  slot: SlotId,
  sentence: string,
  more: Partial<Omit<Need, 'from' | 'rule' | 'slot' | 'sentence'>> = {},
): Need => ({ from, rule, slot, key: slot, sentence, ...more })

/** The needs whose condition holds. */
export const needed = (...cases: readonly (readonly [boolean, Need])[]): Need[] =>
  cases.flatMap(([holds, what]) => (holds ? [what] : []))
