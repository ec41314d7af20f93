import { VERDICTS, type Verdict } from '#core/complexion/mixing/recipe'
import {
  MEASURES,
  PLACE_SORTS,
  PRODUCT_SORTS,
  UNIT_ROLES,
  type Measure,
  type PlaceSort,
  type ProductSort,
  type UnitRole,
} from '#core/stock/things/things'
import type { FacePlan } from '#core/plan/facePlan'
import { LabDto } from '../../compute/parts'
import * as is from '../../checks/rules'
import { Named } from '../../checks/rules'
import { isPlainObject, shaped } from '../../checks/shape'
import { Consultation, OccasionInput } from '../method/consultation'
import { ComplaintInput, FaceInput, HistoryInput, ReadingInput, SavedRecipeInput } from '../people/faces'
import { BookingInput, JobInput } from '../days/jobs'
import { BagInput } from '../days/bags'
import { QuoteInput } from '../days/quotes'
import { Wrap } from '../days/wraps'
import { GearFields } from '../kit/gear'
import { ProductFields, type OwnedProduct } from '../kit/kit'
import { MeasuredMixInput } from '../kit/mixes'
import { FlashTestInput, LockInput, OverrideInput, PaletteTestInput, PLAN_KINDS, type PlanKind } from '../people/plans'
import { Settings } from '../method/settings'
import { TickInput } from '../days/ticks'
import { StandingListInput } from '../kit/standingLists'
import { StandardInput } from '../kit/standards'

/*
 * Records as they stand in a database: what was accepted when they were written, and the stamps they got. A row that does not keep to
 * its class, because it is old, was imported or edited by hand, is set aside by name and never reaches a list, a plan or a page.
 */

export class StoredProduct extends ProductFields {
  @is.Id() id!: string
  @is.OneOf(['cosmetic']) sort: ProductSort = 'cosmetic'
  @is.Between(0.25, 4) strength: number = 1
  @is.Moment() createdAt!: string
}

export class StoredGear extends GearFields {
  @is.Id() id!: string
  @is.OneOf(PRODUCT_SORTS) sort: ProductSort = 'unknown'
  @is.Moment() createdAt!: string
}

export class StoredPlace {
  @is.Id() id!: string
  @is.Maybe() @is.Id() parentId?: string | null
  @is.OneOf(PLACE_SORTS) sort: PlaceSort = 'pouch'
  @is.Name(60) name!: string
  @is.Whole(0, 1_000_000) position: number = 0
  @is.Maybe() @is.Between(1, 1_000_000, 'ml') volumeMl?: number | null
  @is.Maybe() @is.Between(1, 1_000_000, 'g') limitG?: number | null
}

export class StoredUnit {
  @is.Id() id!: string
  @is.Id() productId!: string
  @is.Maybe() @is.Id() placeId?: string | null
  @is.Whole(1, 10_000) count: number = 1
  @is.Text(0, 60) container: string = ''
  @is.Text(0, 60) label: string = ''
  @is.Maybe() @is.Minor() priceMinor?: number | null
  @is.OneOf(UNIT_ROLES) role: UnitRole = 'workhorse'
  @is.Maybe() @is.Id() ownerFaceId?: string | null
  @is.Text(0, 500) notes: string = ''
  @is.Maybe() @is.Moment() retiredAt?: string | null
  @is.Moment() createdAt!: string
}

export class StoredFill {
  @is.Id() id!: string
  @is.Id() unitId!: string
  @is.Id() productId!: string
  @is.Between(0.01, 10_000) size: number = 30
  @is.OneOf(MEASURES) measure: Measure = 'ml'
  @is.Between(0, 1) level: number = 1
  @is.Maybe() @is.Moment() openedOn?: string | null
}

export class StoredOffer {
  @is.Id() id!: string
  @is.Id() supplierId!: string
  @is.Id() productId!: string
  @is.Between(0.01, 1000) size: number = 30
  @is.OneOf(MEASURES) measure: Measure = 'ml'
  @is.Minor() priceMinor!: number
}

export class StoredStandard {
  @is.Id() id!: string
  @is.One(() => StandardInput) value!: StandardInput
}

export class StoredJob extends JobInput {
  @is.Id() id!: string
  @is.Moment() createdAt!: string
  @is.One(() => BagInput) bag: BagInput = new BagInput()
  @is.One(() => QuoteInput) quote: QuoteInput = new QuoteInput()
  @is.Maybe() @is.One(() => Wrap) wrap?: Wrap | null
}

export class StoredTick extends TickInput {
  @is.Id() jobId!: string
}

export class StoredBooking extends BookingInput {
  @is.Id() id!: string
  @is.Id() faceId!: string
}

export class StoredFace extends FaceInput {
  @is.Id() id!: string
  @is.One(() => Consultation) consultation!: Consultation
  @is.Moment() createdAt!: string
}

export class StoredReading extends ReadingInput {
  @is.Id() id!: string
  @is.Moment() takenAt!: string
}

const NAMES = 'must name its bottles'
const Names = () => Named(50, (_id, name) => typeof name === 'string', NAMES)

export class StoredRecipe extends SavedRecipeInput {
  @is.Id() id!: string
  @is.Moment() savedAt!: string
  @is.OneOf(VERDICTS) verdict!: Verdict
  @Names() names!: Record<string, string>
}

export class StoredSeen extends ComplaintInput {
  @is.Id() id!: string
  @is.Moment() seenAt!: string
}

export class StoredHistory extends HistoryInput {
  @is.Id() id!: string
  @is.Moment() at!: string
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
  @is.Id() id!: string
  @is.Maybe() @is.Id() bookingId?: string | null
  @is.OneOf(PLAN_KINDS) kind: PlanKind = 'day'
  @is.Text(0, 1000) agreed: string = ''
  @is.Text(0, 1000) change: string = ''
  @is.One(() => OccasionInput) occasion!: OccasionInput
  @is.Whole(0, 1000) layers: number = 0
  @is.Between(0, 10_000, 'min') minutes: number = 0
  @is.Minor() costMinor: number = 0
  @is.Moment() savedAt!: string
  @is.Maybe() @is.Moment() usedAt?: string | null
}

/** The body of a kept plan; the plan itself was made here and is only looked at from outside. */
export class StoredPlanBody {
  @is.Id() id!: string
  @is.Many(() => LockInput, 40) @is.Distinct('key') locks: LockInput[] = []
  @is.Many(() => OverrideInput, 40) overrides: OverrideInput[] = []
  @shaped({ opaque: true }) @is.Satisfies('plan', isFacePlan, CANNOT_BE_DRAWN) plan!: FacePlan
}

export class StoredStandingList extends StandingListInput {}

export class StoredPicture {
  @is.Id() id!: string
  @is.Text(0, 500) note!: string
  @is.Moment() createdAt!: string
}

export class StoredPaletteTest extends PaletteTestInput {
  @is.Id() id!: string
  @is.Moment() at!: string
}

export class StoredFlashTest extends FlashTestInput {
  @is.Id() id!: string
  @is.Moment() at!: string
}

export class StoredMix extends MeasuredMixInput {
  @is.Id() id!: string
  @is.Moment() at!: string
  @Names() names!: Record<string, string>
}

export class StoredSupplier {
  @is.Id() id!: string
  @is.Name(120) name!: string
  @is.Whole(0, 1000) leadDays!: number
}

export class StoredPurchase {
  @is.Id() id!: string
  @is.Moment() createdAt!: string
  @is.Minor() budgetMinor!: number
}

export class StoredPurchaseLine {
  @is.Id() id!: string
  @is.Minor() priceMinor!: number
  @is.Whole(1, 100) count: number = 1
  @is.Text(0, 500) reason!: string
  @is.Maybe() @is.Moment() receivedAt?: string | null
}

export class StoredRange {
  @is.Text(0, 60) brand!: string
  @is.Name(60) range!: string
}

export class StoredSkin {
  @is.Colour(() => LabDto) lab!: LabDto
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
