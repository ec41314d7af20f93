import { Type } from 'class-transformer'
import { IsObject, ValidateNested } from 'class-validator'
import { COVERAGES, FAMILIES, type Coverage, type Family } from '#core/complexion/product'
import { LabDto } from '../compute/parts'
import { Between, ListOf, Maybe, Moment, Name, OneOf, Text, Whole, YesNo } from '../rules'

export const KINDS = ['foundation', 'concealer', 'adjuster'] as const
export type Kind = (typeof KINDS)[number]

export const FINISHES = ['matte', 'satin', 'natural', 'dewy', 'luminous'] as const
export type Finish = (typeof FINISHES)[number]

/** How the colour of a product came to be known, from vaguest to surest. */
export const COLOUR_SOURCES = ['depth word', 'beside a bottle', 'given colour', 'meter'] as const
export type ColourSource = (typeof COLOUR_SOURCES)[number]

/** What describes any complexion product, owned or offered. */
export class ProductFields {
  @OneOf(KINDS) kind!: Kind
  @Text(0, 60) brand: string = ''
  @Text(0, 60) range: string = ''
  @Name(80) shade!: string
  @IsObject({ message: 'must be a colour: pick a depth, a bottle beside it, or type its Lab' })
  @ValidateNested() @Type(() => LabDto) lab!: LabDto

  @OneOf(COLOUR_SOURCES) colourSource: ColourSource = 'depth word'
  @OneOf(COVERAGES) coverage: Coverage = 'medium'
  @OneOf(FAMILIES) family: Family = 'unknown'
  @OneOf(FINISHES) finish: Finish = 'natural'
  @Between(0.1, 1000, 'ml') sizeMl: number = 30
}

/** What is written when a bottle enters the kit or is changed. */
export class OwnedProductInput extends ProductFields {
  /** Share of the bottle that is left. */
  @Between(0, 1) level: number = 1
  /** Minor units of the artist's currency. */
  @Maybe() @Whole(0, 100_000_000) priceMinor?: number | null
  @Maybe() @Moment() openedOn?: string | null
  @Text(0, 500) notes: string = ''
}

export interface OwnedProduct extends OwnedProductInput {
  id: string
  retiredAt: string | null
  createdAt: string
}

export class RetireInput {
  @ListOf(500, 1) ids!: string[]
  @YesNo() retired!: boolean
}

/** Whether a range may be mixed with itself: true until the artist has seen otherwise. */
export class RangeInput {
  @Text(0, 60) brand!: string
  @Name(60) range!: string
  @YesNo() mixes!: boolean
}

export interface Kit { products: OwnedProduct[], apart: { brand: string, range: string }[] }
