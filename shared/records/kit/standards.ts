import { CONCERNS, type Concern } from '#core/complexion/correct'
import { UNDERTONES, type Undertone } from '#core/complexion/skins/skin'
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
import type { DeadWeight } from '#core/stock/ends/deadWeight'
import type { Filling } from '#core/standard/fill'
import type { Audit, Lighter } from '#core/standard/audit'
import type { Lab } from '#core/colour/lab'
import { BRUSH_SHAPES, OWNED_KINDS, type BrushShape, type OwnedKind } from '#core/stock/things/kinds'
import { LabDto } from '../../compute/parts'
import * as is from '../../checks/rules'

/* Standards as they are written and read: `varietas.kit-standard`, version 1. */

const within = (low: number, high: number) => (value: unknown) =>
  Array.isArray(value) && value.every(n => typeof n === 'number' && n >= low && n <= high)

export class NamedColourInput {
  @is.Name(60) name!: string
  @is.Colour(() => LabDto) lab!: LabDto
}

export class AbilityPartInput {
  @is.SomeOf(OWNED_KINDS) kinds!: OwnedKind[]
  @is.Maybe() @is.Whole(1, 1000) count?: number
  @is.Maybe() @is.Between(0, 100) perFace?: number
}

export class AbilityInput {
  @is.Id() id!: string
  @is.Name(120) name!: string
  @is.Text(0, 200) why: string = ''
  @is.OneOf(ABILITY_SORTS) sort!: AbilitySort
  @is.SomeOf(OWNED_KINDS) kinds!: OwnedKind[]
  @is.Between(0, 1) share: number = 1
  @is.Maybe() @is.OneOf(MIX_TARGETS) targets?: MixTarget
  @is.Maybe() @is.Many(() => NamedColourInput, 60) named?: NamedColourInput[]
  @is.Maybe() @is.Between(0.5, 20) within?: number
  @is.Maybe() @is.Whole(1, 3) maxProducts?: number
  @is.Maybe() @is.Whole(1, 8) maxDrops?: number
  @is.Maybe()
  @is.ListOf(24, 1)
  @is.Satisfies('depths', within(0, 13), 'must hold depths from 0 to 13')
  depths?: number[]
  @is.Maybe() @is.SomeOf(UNDERTONES) undertones?: Undertone[]
  @is.Maybe() @is.SomeOf(SHOWS_AS) shows?: ShowsAs[]
  @is.Maybe() @is.SomeOf(TEMPERATURES) temperatures?: Temperature[]
  @is.Maybe() @is.SomeOf(CONCERNS) concerns?: Concern[]
  @is.Maybe() @is.SomeOf(SUITED_SKINS) skins?: SuitedSkin[]
  @is.Maybe() @is.Words(24, 60) declared?: string[]
  @is.Maybe() @is.Whole(1, 1000) count?: number
  @is.Maybe() @is.Between(0, 100) perFace?: number
  @is.Maybe() @is.SomeOf(BRUSH_SHAPES) shapes?: BrushShape[]
  @is.Maybe() @is.OneOf(FINISHES) finish?: Finish
  @is.Maybe() @is.OneOf(RESISTANCES) resists?: Resistance
  @is.Maybe() @is.YesNo() sparkleFree?: boolean
  @is.Maybe() @is.YesNo() vivid?: boolean
  @is.Maybe() @is.Many(() => AbilityPartInput, 8, 1) parts?: AbilityPartInput[]
  @is.Maybe() @is.Between(0, 100, '%') percentFrom?: number
  @is.Maybe() @is.Between(0, 100, '%') percentTo?: number
}

export class StandardInput {
  @is.OneOf(['varietas.kit-standard']) format: string = 'varietas.kit-standard'
  @is.Whole(1, 1) version: number = 1
  @is.Id() id!: string
  @is.Name(60) name!: string
  @is.Text(0, 200) meant: string = ''
  @is.Many(() => AbilityInput, 100, 1) @is.Distinct('id') abilities!: AbilityInput[]
  /** Which state of it a file was made from; `version` is that of the format. */
  @is.MadeFrom() madeFrom?: number
}

export class AuditInput {
  /** One that is kept, or that ships. */
  @is.Id() standardId: string = 'first'
  /** One that is to be tried before it is kept. */
  @is.Maybe() @is.One(() => StandardInput) standard?: StandardInput
  /** Of the things there alone; of the whole kit, when left out. */
  @is.Maybe() @is.Id() placeId?: string | null
  /** Whether what is at home, too, is asked of; what is lent never is. */
  @is.YesNo() atHomeToo: boolean = false
  /** Further standards that a lighter kit has to meet as today. */
  @is.Maybe() @is.Ids(20) also?: string[] | null
  /** How much lighter it is to become, grams. */
  @is.Maybe() @is.Between(1, 1_000_000, 'g') lighterG?: number | null
}

/** What to buy so that an ability is there. */
export class FillInput {
  @is.Id() standardId!: string
  @is.Id() abilityId!: string
  @is.Maybe() @is.Id() placeId?: string | null
  @is.YesNo() atHomeToo: boolean = false
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
