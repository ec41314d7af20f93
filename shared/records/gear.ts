import { BRUSH_SHAPES, GEAR_KINDS, UNKNOWN_KIND, type BrushShape, type GearKind } from '#core/stock/kinds'
import { MEASURES, type Measure, type ProductSort } from '#core/stock/things'
import { Barcode, Between, Id, MadeFrom, Maybe, Minor, Moment, Name, OneOf, Text, Whole, YesNo } from '../checks/rules'
import type { OwnedProduct, OwnedUnit } from './kit'

/* Tools, supplies, and list entries of unknown kind: owned like a bottle, without a colour to match. */

/** What describes a tool or a supply. */
export class GearFields {
  @OneOf(GEAR_KINDS) kind: GearKind = UNKNOWN_KIND
  @Text(0, 60) brand: string = ''
  /** What it is called. */
  @Name(80) shade!: string
  /** Of a brush; empty for anything else. */
  @OneOf(['', ...BRUSH_SHAPES]) shape: BrushShape | '' = ''
  /** Porous, where it is known. */
  @Maybe() @YesNo() porous?: boolean | null
  /** Strength by volume of what is bought for it, such as alcohol. */
  @Maybe() @Between(0, 100, '%') percent?: number | null
  /** The number under the bars of its pack. */
  @Maybe() @Barcode() barcode?: string | null
}

/** What is written when a tool or a supply enters the kit or is changed. */
export class GearInput extends GearFields {
  /** How many alike: of tools, a set; of supplies, packs. */
  @Whole(1, 10_000) count: number = 1
  /** What one holds, in `measure`: pieces of a pack, ml of a bottle. */
  @Between(0.1, 10_000) sizeMl: number = 1
  @Maybe() @OneOf(MEASURES) measure?: Measure
  /** Share that is left. */
  @Between(0, 1) level: number = 1
  /** Minor units of the artist's currency. */
  @Maybe() @Minor() priceMinor?: number | null
  @Maybe() @Moment() openedOn?: string | null
  /** Printed on the pack. */
  @Maybe() @Moment() expiresOn?: string | null
  @Text(0, 500) notes: string = ''
  @Maybe() @Id() placeId?: string | null
  @MadeFrom() version?: number
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
