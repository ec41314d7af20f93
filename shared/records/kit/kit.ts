import type { Meaning } from '#core/ingredients/declared'
import { COVERAGES, FAMILIES, type Coverage, type Family } from '#core/complexion/bottles/product'
import { MEASURES, UNIT_ROLES, type Measure, type PlaceSort, type UnitRole } from '#core/stock/things/things'
import type { Traits } from '#core/stock/things/usual'
import { FINISHES, ITEM_KINDS, type Finish, type ItemKind } from '#core/product/item'
import { FLAGS, type IngredientFlag } from '#core/ingredients/flags'
import { LabDto } from '../../compute/parts'
import { TraitsInput } from './traits'
import * as is from '../../checks/rules'

/** How the colour of a product came to be known, from vaguest to surest; clear ones have none to show, unknown ones one that nobody has told yet. */
export const COLOUR_SOURCES = [
  'unknown',
  'clear',
  'depth word',
  'beside a bottle',
  'photograph',
  'computed',
  'given colour',
  'verdicts',
  'meter',
] as const
export type ColourSource = (typeof COLOUR_SOURCES)[number]
/** Whether a colour of its own is on record. */
export const hasColour = ({ colourSource }: { colourSource: ColourSource }): boolean =>
  colourSource !== 'clear' && colourSource !== 'unknown'

/** What describes any complexion product, owned or offered. */
export class ProductFields {
  @is.OneOf(ITEM_KINDS) kind!: ItemKind
  @is.Text(0, 60) brand: string = ''
  @is.Text(0, 60) range: string = ''
  @is.Name(80) shade!: string
  @is.Colour(() => LabDto, 'must be a colour: pick a depth, a bottle beside it, or type its Lab')
  lab!: LabDto

  @is.OneOf(COLOUR_SOURCES) colourSource: ColourSource = 'depth word'
  @is.OneOf(COVERAGES) coverage: Coverage = 'medium'
  @is.OneOf(FAMILIES) family: Family = 'unknown'
  @is.OneOf(FINISHES) finish: Finish = 'natural'
  /** Ingredient list as on the pack; empty when it is not on record. */
  @is.Ingredients() inci: string = ''
  /** Flags that the artist put right by hand: true where the list does not say so, false where it is wrong. */
  @is.Named(
    FLAGS.length,
    (flag, on) => FLAGS.includes(flag as IngredientFlag) && typeof on === 'boolean',
    'must set known flags to true or false',
  )
  flagFixes: Partial<Record<IngredientFlag, boolean>> = {}
  /** The number under the bars of its pack. */
  @is.Maybe() @is.Barcode() barcode?: string | null
  /** What the kind usually is, when left out. */
  @is.Maybe()
  @is.One(() => TraitsInput, 'must describe the product')
  traits?: Partial<Traits>
}

/** What is written when a bottle enters the kit or is changed. */
export class OwnedProductInput extends ProductFields {
  /** In `measure`, whatever its name says: grams for what is sold by weight. */
  @is.Between(0.1, 1000, 'ml') sizeMl: number = 30
  /** What the size counts; what the kind is sold by, when left out. */
  @is.Maybe() @is.OneOf(MEASURES) measure?: Measure
  /** How strongly it pulls a mix against what its cover says; learned from measured mixes. */
  @is.Between(0.25, 4) strength: number = 1
  /** Share of the bottle that is left. */
  @is.Between(0, 1) level: number = 1
  /** Minor units of the artist's currency. */
  @is.Maybe() @is.Minor() priceMinor?: number | null
  @is.Maybe() @is.Moment() openedOn?: string | null
  /** Printed on the pack. */
  @is.Maybe() @is.Moment() expiresOn?: string | null
  @is.Text(0, 500) notes: string = ''
  @is.MadeFrom() version?: number
}

/** A bottle of the kit as it is to be. */
export class ChangedProductInput extends OwnedProductInput {
  @is.Id() id!: string
}

/** Bottles changed together, all or none. */
export class ChangeAllInput {
  @is.Many(() => ChangedProductInput, 500, 1) @is.Distinct('id') products!: ChangedProductInput[]
  /** Whether what changes them is what measured mixes teach: the history says so. */
  @is.YesNo() asMeasured: boolean = false
}

export class UnitInput {
  @is.Between(0.1, 10_000, 'ml') sizeMl: number = 30
  @is.Maybe() @is.OneOf(MEASURES) measure?: Measure
  /** How many alike: of tools, a set. */
  @is.Whole(1, 10_000) count: number = 1
  @is.Between(0, 1) level: number = 1
  @is.Maybe() @is.Minor() priceMinor?: number | null
  @is.Maybe() @is.Moment() openedOn?: string | null
  /** Printed on the pack. */
  @is.Maybe() @is.Moment() expiresOn?: string | null
  @is.Text(0, 500) notes: string = ''
  @is.Maybe() @is.Id() placeId?: string | null
  @is.OneOf(UNIT_ROLES) role: UnitRole = 'backup'
  @is.Text(0, 60) label: string = ''
  @is.MadeFrom() version?: number
}

/** What is left, as a glance or a tap says it. */
export class LevelInput {
  @is.Between(0, 1) level!: number
  /** A pan of a palette; everything in it, when left out. */
  @is.Maybe() @is.Id() fillId?: string | null
  @is.MadeFrom() version?: number
}

/** Some of a bottle in a vessel of its own. */
export class DecantInput {
  /** In the measure of the bottle, into each. */
  @is.Between(0.01, 1000, 'ml') amount!: number
  @is.Between(0.1, 1000, 'ml') sizeMl!: number
  /** Into so many vessels, as much into each. */
  @is.Whole(1, 20) count: number = 1
  @is.Maybe() @is.Id() placeId?: string | null
  @is.Text(0, 60) label: string = ''
}

/** A pan that goes into another palette. */
export class MovePanInput {
  @is.Id() unitId!: string
}

/** Something dried, worked up with a little of its medium. */
export class ReviveInput {
  @is.Id() mediumFillId!: string
  /** In the measure of the medium. */
  @is.Between(0.01, 10) amount!: number
}

/** So much of what is in a bottle or a pan. */
export class BlendPartInput {
  @is.Id() fillId!: string
  /** In the measure of the fill. */
  @is.Between(0.01, 1000) amount!: number
}
/** Some of several made one. */
export class BlendInput {
  @is.Name(80) name!: string
  @is.Many(() => BlendPartInput, 12, 2) @is.Distinct('fillId') parts!: BlendPartInput[]
  @is.Maybe() @is.Id() placeId?: string | null
}

/** A thing on the simulated scale. */
export class WeighInput {
  @is.OneOf(['g', 'oz']) unit: 'g' | 'oz' = 'g'
  /** Of its empty vessel, where somebody weighed it; the usual one of its kind, when left out. */
  @is.Maybe() @is.Between(0, 5000, 'g') emptyG?: number | null
}

/** A unit, or a pan of one, that holds the product. */
export interface OwnedUnit {
  id: string
  fillId: string
  placeId: string | null
  /** How many alike: of tools, a set. */
  count: number
  role: UnitRole
  label: string
  /** What it stands in where that is not its own pack: a decant, a palette, a blend; else empty. */
  container: string
  /** What the whole pack cost: of a pan, its palette; `priceMinor` is then its share. */
  packMinor: number | null
  /** The palette it is a pan of, and which of its pans. */
  inside: string | null
  position: number
  size: number
  measure: Measure
  level: number
  openedOn: string | null
  expiresOn: string | null
  priceMinor: number | null
  notes: string
  retiredAt: string | null
  createdAt: string
  version: number
}

/** A product with the units that hold it; level, size, price and notes are those of the unit a drop comes from today. */
export interface OwnedProduct extends OwnedProductInput {
  id: string
  sort: 'cosmetic'
  traits: Traits
  /** In the order they are used. */
  units: OwnedUnit[]
  /** Counts the changes of the product and all its units. */
  version: number
  /** The face that brings it; null for what is the artist's own. */
  ownerFaceId: string | null
  retiredAt: string | null
  createdAt: string
}

export class RetireInput {
  @is.Ids(2000) ids!: string[]
  @is.YesNo() retired!: boolean
}

/** Whether a range may be mixed with itself: true until the artist has seen otherwise. */
export class RangeInput {
  @is.Text(0, 60) brand!: string
  @is.Name(60) range!: string
  @is.YesNo() mixes!: boolean
}

/** A place that things are in. */
export interface Place {
  id: string
  parentId: string | null
  sort: PlaceSort
  name: string
}

/** What of a product the colour work needs: neither its list nor its single units. */
export interface ShelfProduct extends Omit<
  OwnedProduct,
  'units' | 'inci' | 'flagFixes' | 'traits' | 'notes' | 'version'
> {
  /** Last day of use, ISO date; null while unopened or unknown. */
  useBy: string | null
}

/** The kit in short: everything that is mixed, what must stay apart, where things are, and how much else there is. */
export interface Shelf {
  products: ShelfProduct[]
  apart: { brand: string; range: string }[]
  places: Place[]
  /** Products of the kit of any kind, retired or not. */
  count: number
  /** Those that are empty and not retired. */
  empty: number
  /** Kinds that the kit holds, in the order of the work. */
  kinds: ItemKind[]
}

export const KIT_STATES = ['in use', 'empty', 'retired', 'all'] as const
export type KitState = (typeof KIT_STATES)[number]
// prettier-ignore
export const KIT_ORDERS = [
  'depth', 'shade', 'undertone', 'family', 'coverage', 'finish', 'size', 'level', 'price',
] as const
export type KitOrder = (typeof KIT_ORDERS)[number]

/** What a list of the kit is asked for. */
export class KitQuery {
  @is.Text(0, 100) q: string = ''
  /** A kind, or `complexion` for all that is matched to a skin. */
  @is.OneOf(['all', 'complexion', ...ITEM_KINDS]) kind: ItemKind | 'complexion' | 'all' = 'all'
  /** Any of these kinds, between commas, or what is used as one of them too. */
  @is.Text(0, 400) kinds: string = ''
  @is.OneOf(['all', ...FAMILIES]) family: Family | 'all' = 'all'
  @is.OneOf(KIT_STATES) state: KitState = 'all'
  @is.OneOf(KIT_ORDERS) order: KitOrder = 'depth'
  @is.OneOf(['up', 'down']) way: 'up' | 'down' = 'up'
  /** Where the page before ended. */
  @is.Text(0, 400) cursor: string = ''
  @is.Whole(1, 100) limit: number = 50
}

/** A product as a list shows it. */
export interface KitLine extends Pick<
  ShelfProduct,
  | 'id'
  | 'kind'
  | 'brand'
  | 'range'
  | 'shade'
  | 'lab'
  | 'colourSource'
  | 'coverage'
  | 'family'
  | 'finish'
  | 'sizeMl'
  | 'level'
  | 'priceMinor'
  | 'retiredAt'
> {
  units: number
  notes: string
}

export interface KitPage {
  lines: KitLine[]
  next: string | null
  count: number
}

/** Names of products by id; products not owned any more are absent. */
export class NamesQuery {
  @is.Text(0, 4000) ids: string = ''
}

/** What people declare they react to. */
export class DeclaredInput {
  @is.Words(100, 60) declared: string[] = []
}

/** Where in the kit something is that they react to, of what is not retired. */
export interface HeldInKit {
  held: {
    declared: string
    meaning: Meaning
    /** What to ask or to keep in mind, a whole sentence. */
    asks: string | null
    names: string[]
  }[]
  /** Products without a list on record. */
  unread: number
}
