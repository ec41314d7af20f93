import { COVERAGES, FAMILIES, type Coverage, type Family } from '#core/complexion/product'
import type { Traits } from '#core/stock/usual'
import { FINISHES, ITEM_KINDS, type Finish, type ItemKind } from '#core/suitability/item'
import { FLAGS, type IngredientFlag } from '#core/suitability/ingredients/ingredients'
import { LabDto } from '../compute/parts'
import { TraitsInput } from './traits'
import { Between, Colour, Ids, Ingredients, Maybe, Minor, Moment, Name, Named, One, OneOf, Text, YesNo } from '../rules'

/** How the colour of a product came to be known, from vaguest to surest; clear ones have none to show. */
export const COLOUR_SOURCES = ['clear', 'depth word', 'beside a bottle', 'given colour', 'verdicts', 'meter'] as const
export type ColourSource = (typeof COLOUR_SOURCES)[number]

/** What describes any complexion product, owned or offered. */
export class ProductFields {
  @OneOf(ITEM_KINDS) kind!: ItemKind
  @Text(0, 60) brand: string = ''
  @Text(0, 60) range: string = ''
  @Name(80) shade!: string
  @Colour(() => LabDto, 'must be a colour: pick a depth, a bottle beside it, or type its Lab')
  lab!: LabDto

  @OneOf(COLOUR_SOURCES) colourSource: ColourSource = 'depth word'
  @OneOf(COVERAGES) coverage: Coverage = 'medium'
  @OneOf(FAMILIES) family: Family = 'unknown'
  @OneOf(FINISHES) finish: Finish = 'natural'
  /** Grams for what is sold by weight. */
  @Between(0.1, 1000, 'ml') sizeMl: number = 30
  /** Ingredient list as on the pack; empty when it is not on record. */
  @Ingredients() inci: string = ''
  /** Flags that the artist put right by hand: true where the list does not say so, false where it is wrong. */
  @Named(
    FLAGS.length,
    (flag, on) => FLAGS.includes(flag as IngredientFlag) && typeof on === 'boolean',
    'must set known flags to true or false',
  )
  flagFixes: Partial<Record<IngredientFlag, boolean>> = {}
  /** What the kind usually is, when left out. */
  @Maybe()
  @One(() => TraitsInput, 'must describe the product')
  traits?: Traits
}

/** What is written when a bottle enters the kit or is changed. */
export class OwnedProductInput extends ProductFields {
  /** How strongly it pulls a mix against what its cover says; learned from measured mixes. */
  @Between(0.25, 4) strength: number = 1
  /** Share of the bottle that is left. */
  @Between(0, 1) level: number = 1
  /** Minor units of the artist's currency. */
  @Maybe() @Minor() priceMinor?: number | null
  @Maybe() @Moment() openedOn?: string | null
  @Text(0, 500) notes: string = ''
}

export interface OwnedProduct extends OwnedProductInput {
  id: string
  traits: Traits
  /** The face that brings it; null for what is the artist's own. */
  ownerFaceId: string | null
  retiredAt: string | null
  createdAt: string
}

export class RetireInput {
  @Ids(2000) ids!: string[]
  @YesNo() retired!: boolean
}

/** Whether a range may be mixed with itself: true until the artist has seen otherwise. */
export class RangeInput {
  @Text(0, 60) brand!: string
  @Name(60) range!: string
  @YesNo() mixes!: boolean
}

export interface Kit {
  products: OwnedProduct[]
  apart: { brand: string; range: string }[]
}
