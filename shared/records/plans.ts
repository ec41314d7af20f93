import type { Lab } from '#core/colour/lab'
import type { WantedBase } from '#core/buy/wantedBase'
import { BASE_ORDERS, STEERS, type BaseOrder, type Steer } from '#core/plan/bases'
import type { FacePlan } from '#core/plan/facePlan'
import type { Lock } from '#core/plan/locks'
import { MISHAPS } from '#core/plan/mishaps'
import { DropsDto } from '../compute/parts'
import {
  Distinct,
  Id,
  Ids,
  MadeFrom,
  Many,
  Maybe,
  Name,
  One,
  OneOf,
  Satisfies,
  SomeOf,
  Text,
  YesNo,
} from '../checks/rules'
import { OccasionInput } from './consultation'
import type { MeasuredMixRecord } from './mixes'

/** One place of a plan held fast: a product, a recipe in drops, or left empty. */
export class LockInput {
  @Name(80) key!: string
  @Maybe() @Name(200) itemId?: string
  @Maybe() @Many(() => DropsDto, 5, 1) @Distinct('id') drops?: DropsDto[]
  @Satisfies(
    'oneLock',
    (v, owner) => {
      const { itemId, drops } = owner as LockInput
      return [itemId, drops, v === true ? true : undefined].filter(x => x !== undefined && x !== null).length === 1
    },
    'must hold one of: itemId, drops, empty',
  )
  @YesNo()
  empty: boolean = false
}

/** A veto lifted by the artist. One of harm needs the reason, which is kept with the plan. */
export class OverrideInput {
  @Name(120) itemId!: string
  @Name(60) rule!: string
  @Text(0, 500) reason: string = ''
}

export class PlanInput {
  @Many(() => LockInput, 40) @Distinct('key') locks: LockInput[] = []
  @Many(() => OverrideInput, 40) overrides: OverrideInput[] = []
  /** Where it differs from what the face's record says of the day. */
  @Maybe()
  @One(() => OccasionInput, 'must say what the day asks')
  occasion?: OccasionInput | null
  /** The booking it is for; left out, the one that counts today, else a personal visit. */
  @Maybe() @Id() bookingId?: string | null
}

/** What Match asks: as the plan does, and how it is steered. */
export class BasesInput extends PlanInput {
  @OneOf(BASE_ORDERS) order: BaseOrder = 'all together'
  @SomeOf(STEERS) steers: Steer[] = []
}

/** A base that was asked for, and which bottles, in the kit or on offer, it may be mixed from. */
export interface BaseAsked extends WantedBase {
  faceId: string
  name: string
  skin: Lab
}

/** What went wrong at the chair, on what day. */
export class MishapInput {
  @OneOf(MISHAPS.map(m => m.id)) mishap!: string
  @Maybe()
  @One(() => OccasionInput, 'must say what the day asks')
  occasion?: OccasionInput | null
}

export const PLAN_KINDS = ['preview', 'day'] as const
export type PlanKind = (typeof PLAN_KINDS)[number]

export class SavePlanInput extends PlanInput {
  @OneOf(PLAN_KINDS) kind: PlanKind = 'day'
  /** What was agreed. */
  @Text(0, 1000) agreed: string = ''
  /** What to change since the preview. */
  @Text(0, 1000) change: string = ''
}

/** Notes made afterwards. */
export class PlanNotesInput {
  @Text(0, 1000) agreed: string = ''
  @Text(0, 1000) change: string = ''
  @MadeFrom() version?: number
}

/** A kept plan as it stands in a list. */
export interface PlanLine {
  id: string
  kind: PlanKind
  bookingId: string | null
  occasion: OccasionInput
  agreed: string
  change: string
  layers: number
  minutes: number
  costMinor: number
  version: number
  savedAt: string
  /** When it was done; null while it is only planned. */
  usedAt: string | null
}

/** A plan kept before steps and the chart were part of one, as one of today. */
export const planAsNow = (plan: FacePlan): FacePlan => ({
  ...plan,
  programme: plan.programme ?? 'full face',
  steps: plan.steps ?? [],
  charted: plan.charted ?? [],
  missing: plan.missing.map(m => ({ ...m, instead: m.instead ?? null })),
})

/** A kept plan in full. */
export interface SavedPlan extends PlanLine {
  locks: LockInput[]
  overrides: OverrideInput[]
  plan: FacePlan
}

/** By layer: on how many faces its products were used or liked, how many reacted, and which of them cannot be had today. */
export type LayerRecords = Record<string, { faces: number; reactions: number; spoiled: string[] }>

/** A kept plan as it is opened. */
export interface OpenPlan extends SavedPlan {
  record: LayerRecords
}

export const locksOf = (locks: readonly LockInput[]): Record<string, Lock> =>
  Object.fromEntries(
    locks.map(l => [l.key, l.itemId ? { itemId: l.itemId } : l.drops ? { drops: l.drops } : { empty: true }]),
  )

/** What two ranges did on the palette. */
export class PaletteTestInput {
  @Name(130) a!: string
  @Name(130) b!: string
  @OneOf(['held', 'separated', 'pilled']) result!: 'held' | 'separated' | 'pilled'
  @Text(0, 120) after: string = ''
}
export interface PaletteTestRecord extends PaletteTestInput {
  id: string
  at: string
}

/** A flash photograph of one product, or of several worn together. */
export class FlashTestInput {
  @Ids(10) itemIds!: string[]
  @OneOf(['good', 'bad']) result!: 'good' | 'bad'
  @Text(0, 200) note: string = ''
}
export interface FlashTestRecord extends FlashTestInput {
  id: string
  at: string
}

export interface Tests {
  palette: PaletteTestRecord[]
  flash: FlashTestRecord[]
  mixes: MeasuredMixRecord[]
}
