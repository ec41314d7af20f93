import { VERDICTS, type Verdict } from '#core/complexion/recipe'
import {
  MEASURES,
  PLACE_SORTS,
  PRODUCT_SORTS,
  UNIT_ROLES,
  type Measure,
  type PlaceSort,
  type ProductSort,
  type UnitRole,
} from '#core/stock/things'
import type { FacePlan } from '#core/plan/facePlan'
import { LabDto } from '../compute/parts'
import {
  Between,
  Colour,
  Distinct,
  Id,
  Many,
  Maybe,
  Minor,
  Moment,
  Name,
  Named,
  One,
  OneOf,
  Satisfies,
  Text,
  Whole,
} from '../checks/rules'
import { isPlainObject, shaped } from '../checks/shape'
import { Consultation, OccasionInput } from './consultation'
import { ComplaintInput, FaceInput, HistoryInput, ReadingInput, SavedRecipeInput } from './faces'
import { BookingInput, JobInput } from './jobs'
import { BagInput } from './bags'
import { QuoteInput } from './quotes'
import { Wrap } from './wraps'
import { GearFields } from './gear'
import { ProductFields, type OwnedProduct } from './kit'
import { MeasuredMixInput } from './mixes'
import { FlashTestInput, LockInput, OverrideInput, PaletteTestInput, PLAN_KINDS, type PlanKind } from './plans'
import { Settings } from './settings'
import { TickInput } from './ticks'
import { StandingListInput } from './standingLists'
import { StandardInput } from './standards'

/*
 * Records as they stand in a database: what was accepted when they were written, and the stamps they got. A row that does not keep to
 * its class, because it is old, was imported or edited by hand, is set aside by name and never reaches a list, a plan or a page.
 */

export class StoredProduct extends ProductFields {
  @Id() id!: string
  @OneOf(['cosmetic']) sort: ProductSort = 'cosmetic'
  @Between(0.25, 4) strength: number = 1
  @Moment() createdAt!: string
}

export class StoredGear extends GearFields {
  @Id() id!: string
  @OneOf(PRODUCT_SORTS) sort: ProductSort = 'unknown'
  @Moment() createdAt!: string
}

export class StoredPlace {
  @Id() id!: string
  @Maybe() @Id() parentId?: string | null
  @OneOf(PLACE_SORTS) sort: PlaceSort = 'pouch'
  @Name(60) name!: string
  @Whole(0, 1_000_000) position: number = 0
  @Maybe() @Between(1, 1_000_000, 'ml') volumeMl?: number | null
  @Maybe() @Between(1, 1_000_000, 'g') limitG?: number | null
}

export class StoredUnit {
  @Id() id!: string
  @Id() productId!: string
  @Maybe() @Id() placeId?: string | null
  @Whole(1, 10_000) count: number = 1
  @Text(0, 60) container: string = ''
  @Text(0, 60) label: string = ''
  @Maybe() @Minor() priceMinor?: number | null
  @OneOf(UNIT_ROLES) role: UnitRole = 'workhorse'
  @Maybe() @Id() ownerFaceId?: string | null
  @Text(0, 500) notes: string = ''
  @Maybe() @Moment() retiredAt?: string | null
  @Moment() createdAt!: string
}

export class StoredFill {
  @Id() id!: string
  @Id() unitId!: string
  @Id() productId!: string
  @Between(0.01, 10_000) size: number = 30
  @OneOf(MEASURES) measure: Measure = 'ml'
  @Between(0, 1) level: number = 1
  @Maybe() @Moment() openedOn?: string | null
}

export class StoredOffer {
  @Id() id!: string
  @Id() supplierId!: string
  @Id() productId!: string
  @Between(0.01, 1000) size: number = 30
  @OneOf(MEASURES) measure: Measure = 'ml'
  @Minor() priceMinor!: number
}

export class StoredStandard {
  @Id() id!: string
  @One(() => StandardInput) value!: StandardInput
}

export class StoredJob extends JobInput {
  @Id() id!: string
  @Moment() createdAt!: string
  @One(() => BagInput) bag: BagInput = new BagInput()
  @One(() => QuoteInput) quote: QuoteInput = new QuoteInput()
  @Maybe() @One(() => Wrap) wrap?: Wrap | null
}

export class StoredTick extends TickInput {
  @Id() jobId!: string
}

export class StoredBooking extends BookingInput {
  @Id() id!: string
  @Id() faceId!: string
}

export class StoredFace extends FaceInput {
  @Id() id!: string
  @One(() => Consultation) consultation!: Consultation
  @Moment() createdAt!: string
}

export class StoredReading extends ReadingInput {
  @Id() id!: string
  @Moment() takenAt!: string
}

const NAMES = 'must name its bottles'
const Names = () => Named(50, (_id, name) => typeof name === 'string', NAMES)

export class StoredRecipe extends SavedRecipeInput {
  @Id() id!: string
  @Moment() savedAt!: string
  @OneOf(VERDICTS) verdict!: Verdict
  @Names() names!: Record<string, string>
}

export class StoredSeen extends ComplaintInput {
  @Id() id!: string
  @Moment() seenAt!: string
}

export class StoredHistory extends HistoryInput {
  @Id() id!: string
  @Moment() at!: string
}

export const CANNOT_BE_DRAWN = 'must be a plan that can be drawn'

/** What a page needs of a plan to draw it; its numbers and sentences are as they were computed. */
export function isFacePlan(value: unknown): boolean {
  if (!isPlainObject(value)) return false
  const { layers, seams, missing, leftOut, pack, minutes, cost } = value as Partial<Record<keyof FacePlan, unknown>>
  return (
    [layers, seams, missing, leftOut, pack].every(Array.isArray)
    && isPlainObject(minutes)
    && typeof minutes.full === 'number'
    && isPlainObject(cost)
    && typeof cost.minor === 'number'
    && (layers as unknown[]).every(
      layer =>
        isPlainObject(layer)
        && typeof layer.key === 'string'
        && typeof layer.name === 'string'
        && Array.isArray(layer.findings)
        && Array.isArray(layer.asked)
        && isPlainObject(layer.item)
        && typeof layer.item.name === 'string'
        && isPlainObject(layer.amount)
        && typeof layer.amount.value === 'number'
        && (layer.drops === null || Array.isArray(layer.drops)),
    )
  )
}

/** The line of a kept plan. */
export class StoredPlan {
  @Id() id!: string
  @Maybe() @Id() bookingId?: string | null
  @OneOf(PLAN_KINDS) kind: PlanKind = 'day'
  @Text(0, 1000) agreed: string = ''
  @Text(0, 1000) change: string = ''
  @One(() => OccasionInput) occasion!: OccasionInput
  @Whole(0, 1000) layers: number = 0
  @Between(0, 10_000, 'min') minutes: number = 0
  @Minor() costMinor: number = 0
  @Moment() savedAt!: string
  @Maybe() @Moment() usedAt?: string | null
}

/** The body of a kept plan; the plan itself was made here and is only looked at from outside. */
export class StoredPlanBody {
  @Id() id!: string
  @Many(() => LockInput, 40) @Distinct('key') locks: LockInput[] = []
  @Many(() => OverrideInput, 40) overrides: OverrideInput[] = []
  @shaped({ opaque: true }) @Satisfies('plan', isFacePlan, CANNOT_BE_DRAWN) plan!: FacePlan
}

export class StoredStandingList extends StandingListInput {}

export class StoredPicture {
  @Id() id!: string
  @Text(0, 500) note!: string
  @Moment() createdAt!: string
}

export class StoredPaletteTest extends PaletteTestInput {
  @Id() id!: string
  @Moment() at!: string
}

export class StoredFlashTest extends FlashTestInput {
  @Id() id!: string
  @Moment() at!: string
}

export class StoredMix extends MeasuredMixInput {
  @Id() id!: string
  @Moment() at!: string
  @Names() names!: Record<string, string>
}

export class StoredSupplier {
  @Id() id!: string
  @Name(120) name!: string
  @Whole(0, 1000) leadDays!: number
}

export class StoredPurchase {
  @Id() id!: string
  @Moment() createdAt!: string
  @Minor() budgetMinor!: number
}

export class StoredPurchaseLine {
  @Id() id!: string
  @Minor() priceMinor!: number
  @Whole(1, 100) count: number = 1
  @Text(0, 500) reason!: string
  @Maybe() @Moment() receivedAt?: string | null
}

export class StoredRange {
  @Text(0, 60) brand!: string
  @Name(60) range!: string
}

export class StoredSkin {
  @Colour(() => LabDto) lab!: LabDto
}

export class StoredSettings extends Settings {}

/** A quarantined row as the artist sees it, and what could be done. */
export interface SetAside {
  sort: string
  id: string
  /** "The bottle Heron" */
  name: string
  issues: { path: string; message: string }[]
  /** What putting it right would change; null where only the artist can. */
  proposal: { field: string; from: string; to: string }[] | null
  /** A bottle as it would be then, to be put right by hand. */
  record: OwnedProduct | null
  /** Whether it can be taken out of the way and brought back. */
  canReturn: boolean
}
