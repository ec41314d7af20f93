import type { Lab } from '#core/colour/lab'
import type { WantedBase } from '#core/buy/wantedBase'
import { BASE_ORDERS, STEERS, type BaseOrder, type Steer } from '#core/plan/bases'
import type { FacePlan } from '#core/plan/facePlan'
import type { Lock } from '#core/plan/question/question'
import { MISHAPS } from '#core/plan/mishaps'
import { DropsDto } from '../../compute/parts'
import * as is from '../../checks/rules'
import { OccasionInput } from '../method/consultation'
import type { MeasuredMixRecord } from '../kit/mixes'

/** One place of a plan held fast: a product, a recipe in drops, or left empty. */
export class LockInput {
  @is.Name(80) key!: string
  @is.Maybe() @is.Name(200) itemId?: string
  @is.Maybe() @is.Many(() => DropsDto, 5, 1) @is.Distinct('id') drops?: DropsDto[]
  @is.Satisfies(
    'oneLock',
    (v, owner) => {
      const { itemId, drops } = owner as LockInput
      return [itemId, drops, v === true ? true : undefined].filter(x => x !== undefined && x !== null).length === 1
    },
    'must hold one of: itemId, drops, empty',
  )
  @is.YesNo()
  empty: boolean = false
}

/** A veto lifted by the artist. One of harm needs the reason, which is kept with the plan. */
export class OverrideInput {
  @is.Name(120) itemId!: string
  @is.Name(60) rule!: string
  @is.Text(0, 500) reason: string = ''
}

export class PlanInput {
  @is.Many(() => LockInput, 40) @is.Distinct('key') locks: LockInput[] = []
  @is.Many(() => OverrideInput, 40) overrides: OverrideInput[] = []
  /** Where the day differs from the face's record. */
  @is.Maybe()
  @is.One(() => OccasionInput, 'must say what the day asks')
  occasion?: OccasionInput | null
  /** The booking it is for; left out, the one that counts today, else a personal visit. */
  @is.Maybe() @is.Id() bookingId?: string | null
}

/** What Match asks: as the plan does, and how it is steered. */
export class BasesInput extends PlanInput {
  @is.OneOf(BASE_ORDERS) order: BaseOrder = 'all together'
  @is.SomeOf(STEERS) steers: Steer[] = []
}

/** A base that was asked for, and which bottles, in the kit or on offer, it may be mixed from. */
export interface BaseAsked extends WantedBase {
  faceId: string
  name: string
  skin: Lab
}

/** What went wrong at the chair, on what day. */
export class MishapInput {
  @is.OneOf(MISHAPS.map(m => m.id)) mishap!: string
  @is.Maybe()
  @is.One(() => OccasionInput, 'must say what the day asks')
  occasion?: OccasionInput | null
}

export const PLAN_KINDS = ['preview', 'day'] as const
export type PlanKind = (typeof PLAN_KINDS)[number]

export class SavePlanInput extends PlanInput {
  @is.OneOf(PLAN_KINDS) kind: PlanKind = 'day'
  /** What was agreed. */
  @is.Text(0, 1000) agreed: string = ''
  /** What to change since the preview. */
  @is.Text(0, 1000) change: string = ''
}

/** Notes made afterwards. */
export class PlanNotesInput {
  @is.Text(0, 1000) agreed: string = ''
  @is.Text(0, 1000) change: string = ''
  @is.MadeFrom() version?: number
}

/** A kept plan as a list shows it. */
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
  @is.Name(130) a!: string
  @is.Name(130) b!: string
  @is.OneOf(['held', 'separated', 'pilled']) result!: 'held' | 'separated' | 'pilled'
  @is.Text(0, 120) after: string = ''
}
export interface PaletteTestRecord extends PaletteTestInput {
  id: string
  at: string
}

/** A flash photograph of one product, or of several worn together. */
export class FlashTestInput {
  @is.Ids(10) itemIds!: string[]
  @is.OneOf(['good', 'bad']) result!: 'good' | 'bad'
  @is.Text(0, 200) note: string = ''
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
