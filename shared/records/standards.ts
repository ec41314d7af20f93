import { CONCERNS, type Concern } from '#core/complexion/correct'
import { UNDERTONES, type Undertone } from '#core/complexion/skin'
import { FINISHES, RESISTANCES, type Finish, type Resistance } from '#core/product/item'
import {
  ABILITY_SORTS,
  MIX_TARGETS,
  SHOWS_AS,
  SUITED_SKINS,
  TEMPERATURES,
  type AbilitySort,
  type MixTarget,
  type ShowsAs,
  type Standard,
  type SuitedSkin,
  type Temperature,
} from '#core/standard/standard'
import type { DeadWeight } from '#core/stock/deadWeight'
import type { Filling } from '#core/standard/fill'
import type { Audit, Lighter } from '#core/standard/audit'
import type { Lab } from '#core/colour/lab'
import { BRUSH_SHAPES, OWNED_KINDS, type BrushShape, type OwnedKind } from '#core/stock/kinds'
import { LabDto } from '../compute/parts'
import {
  Between,
  Colour,
  Distinct,
  MadeFrom,
  Id,
  ListOf,
  Many,
  Maybe,
  Name,
  One,
  OneOf,
  Satisfies,
  SomeOf,
  Text,
  Whole,
  Words,
  YesNo,
} from '../checks/rules'

/* Standards as they are written and read: `varietas.kit-standard`, version 1. */

const within = (low: number, high: number) => (value: unknown) =>
  Array.isArray(value) && value.every(n => typeof n === 'number' && n >= low && n <= high)

export class NamedColourInput {
  @Name(60) name!: string
  @Colour(() => LabDto) lab!: LabDto
}

export class AbilityInput {
  @Id() id!: string
  @Name(120) name!: string
  @Text(0, 200) why: string = ''
  @OneOf(ABILITY_SORTS) sort!: AbilitySort
  @SomeOf(OWNED_KINDS) kinds!: OwnedKind[]
  @Between(0, 1) share: number = 1
  @Maybe() @OneOf(MIX_TARGETS) targets?: MixTarget
  @Maybe() @Many(() => NamedColourInput, 60) named?: NamedColourInput[]
  @Maybe() @Between(0.5, 20) within?: number
  @Maybe() @Whole(1, 3) maxProducts?: number
  @Maybe() @Whole(1, 8) maxDrops?: number
  @Maybe()
  @ListOf(24, 1)
  @Satisfies('depths', within(0, 13), 'must hold depths from 0 to 13')
  depths?: number[]
  @Maybe() @SomeOf(UNDERTONES) undertones?: Undertone[]
  @Maybe() @SomeOf(SHOWS_AS) shows?: ShowsAs[]
  @Maybe() @SomeOf(TEMPERATURES) temperatures?: Temperature[]
  @Maybe() @SomeOf(CONCERNS) concerns?: Concern[]
  @Maybe() @SomeOf(SUITED_SKINS) skins?: SuitedSkin[]
  @Maybe() @Words(24, 60) declared?: string[]
  @Maybe() @Whole(1, 1000) count?: number
  @Maybe() @Between(0, 100) perFace?: number
  @Maybe() @SomeOf(BRUSH_SHAPES) shapes?: BrushShape[]
  @Maybe() @OneOf(FINISHES) finish?: Finish
  @Maybe() @OneOf(RESISTANCES) resists?: Resistance
  @Maybe() @YesNo() sparkleFree?: boolean
  @Maybe() @Between(0, 100, '%') percentFrom?: number
  @Maybe() @Between(0, 100, '%') percentTo?: number
}

export class StandardInput {
  @OneOf(['varietas.kit-standard']) format: string = 'varietas.kit-standard'
  @Whole(1, 1) version: number = 1
  @Id() id!: string
  @Name(60) name!: string
  @Text(0, 200) meant: string = ''
  @Many(() => AbilityInput, 100, 1) @Distinct('id') abilities!: AbilityInput[]
  /** Which state of it a file was made from; `version` is that of the format. */
  @MadeFrom() madeFrom?: number
}

export class AuditInput {
  /** One that is kept, or that ships. */
  @Id() standardId: string = 'first'
  /** One that is to be tried before it is kept. */
  @Maybe() @One(() => StandardInput) standard?: StandardInput
  /** Of what stands there alone; of the whole kit, when left out. */
  @Maybe() @Id() placeId?: string | null
  /** How much lighter it is to become, grams. */
  @Maybe() @Between(1, 1_000_000, 'g') lighterG?: number | null
}

/** What to buy so that an ability is there. */
export class FillInput {
  @Id() standardId!: string
  @Id() abilityId!: string
  @Maybe() @Id() placeId?: string | null
}
export interface FillAnswer extends Omit<Filling, 'buy'> {
  buy: { offerId: string; count: number; name: string; kind: OwnedKind; priceMinor: number; supplier: string }[]
}

export interface StandardLine extends Pick<Standard, 'id' | 'name' | 'meant'> {
  abilities: number
  /** Ships with the application; a changed one is kept under the same id. */
  shipped: boolean
  changed: boolean
}

/** What an audit found, with the names of the things it speaks of. */
export interface AuditAnswer {
  standard: Pick<Standard, 'id' | 'name' | 'meant'>
  audit: Audit
  lighter: Lighter | null
  party: number
  things: { id: string; productId: string; name: string; massG: number; lab: Lab | null; kind: OwnedKind }[]
  deadWeight: DeadWeight[]
}
