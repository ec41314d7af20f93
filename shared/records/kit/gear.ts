import { BRUSH_SHAPES, GEAR_KINDS, UNKNOWN_KIND, type BrushShape, type GearKind } from '#core/stock/things/kinds'
import { MEASURES, type Measure, type ProductSort } from '#core/stock/things/things'
import * as is from '../../checks/rules'
import type { OwnedProduct, OwnedUnit } from './kit'

/* Tools, supplies, and list entries of unknown kind: owned like a bottle, without a colour to match. */

/** What describes a tool or a supply. */
export class GearFields {
  @is.OneOf(GEAR_KINDS) kind: GearKind = UNKNOWN_KIND
  @is.Text(0, 60) brand: string = ''
  /** What it is called. */
  @is.Name(80) shade!: string
  /** Of a brush; empty for anything else. */
  @is.OneOf(['', ...BRUSH_SHAPES]) shape: BrushShape | '' = ''
  /** Porous, where it is known. */
  @is.Maybe() @is.YesNo() porous?: boolean | null
  /** Strength by volume of what is bought for it, such as alcohol. */
  @is.Maybe() @is.Between(0, 100, '%') percent?: number | null
  /** The number under the bars of its pack. */
  @is.Maybe() @is.Barcode() barcode?: string | null
}

/** What is written when a tool or a supply enters the kit or is changed. */
export class GearInput extends GearFields {
  /** How many alike: of tools, a set; of supplies, packs. */
  @is.Whole(1, 10_000) count: number = 1
  /** What one holds, in `measure`: pieces of a pack, ml of a bottle. */
  @is.Between(0.1, 10_000) sizeMl: number = 1
  @is.Maybe() @is.OneOf(MEASURES) measure?: Measure
  /** Share that is left. */
  @is.Between(0, 1) level: number = 1
  /** Minor units of the artist's currency. */
  @is.Maybe() @is.Minor() priceMinor?: number | null
  @is.Maybe() @is.Moment() openedOn?: string | null
  /** Printed on the pack. */
  @is.Maybe() @is.Moment() expiresOn?: string | null
  @is.Text(0, 500) notes: string = ''
  @is.Maybe() @is.Id() placeId?: string | null
  @is.MadeFrom() version?: number
}

/** A tool or a supply with the units of it; level, size, price and notes are those of the unit that is used first. */
export interface OwnedGear extends Omit<GearInput, 'placeId'> {
  id: string
  sort: Exclude<ProductSort, 'cosmetic'>
  measure: Measure
  units: OwnedUnit[]
  version: number
  ownerFaceId: string | null
  retiredAt: string | null
  createdAt: string
}

export type OwnedThing = OwnedProduct | OwnedGear
export const isCosmetic = (thing: OwnedThing): thing is OwnedProduct => thing.sort === 'cosmetic'
