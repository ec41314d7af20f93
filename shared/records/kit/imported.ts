import { COVERAGES, FAMILIES, type Coverage, type Family } from '#core/complexion/bottles/product'
import { UNDERTONES, type Undertone } from '#core/complexion/skins/skin'
import { FLAGS, type IngredientFlag } from '#core/ingredients/flags'
import { FINISHES, RESISTANCES, TEXTURES, type Finish, type Resistance, type Texture } from '#core/product/item'
import { UNSAFE_PLACES, type UnsafePlace } from '#core/stock/list/unsafe'
import { BRUSH_SHAPES, OWNED_KINDS, type BrushShape, type OwnedKind } from '#core/stock/things/kinds'
import type { TableThing } from '#core/stock/table/rows'
import {
  MEASURES,
  PLACE_SORTS,
  UNIT_ROLES,
  type Measure,
  type PlaceSort,
  type UnitRole,
} from '#core/stock/things/things'
import type { Traits } from '#core/stock/things/usual'
import { LabDto } from '../../compute/parts'
import * as is from '../../checks/rules'
import { COLOUR_SOURCES, type ColourSource } from './kit'
import { TraitsInput } from './traits'

/* Rows of a table, or of a kit that was written out, on their way into this one. What a row does not say stays as it is. */

export const IMPORTED_MOST = 5000

const areNames = (v: unknown) => !Array.isArray(v) || v.every(n => typeof n === 'string' && n.trim() !== '')

/** What of a thing stands in no column of a table. */
export class ImportedDetails {
  @is.Maybe() @is.Id() placeId?: string | null
  @is.Maybe()
  @is.One(() => TraitsInput, 'must describe the product')
  traits?: Partial<Traits> | null
  @is.Maybe()
  @is.Named(
    FLAGS.length,
    (flag, on) => FLAGS.includes(flag as IngredientFlag) && typeof on === 'boolean',
    'must set known flags to true or false',
  )
  flagFixes?: Partial<Record<IngredientFlag, boolean>> | null
  @is.Maybe() @is.Between(0.25, 4) strength?: number | null
  @is.Maybe() @is.YesNo() porous?: boolean | null
  @is.Maybe() @is.Text(0, 60) container?: string | null
  @is.Maybe() @is.Whole(0, 1000) position?: number | null
  @is.Maybe() @is.Moment() createdAt?: string | null
  @is.Maybe() @is.Id() fillId?: string
  @is.Maybe() @is.Id() fromFillId?: string | null
  /** It is a palette: others of the rows are its pans, and name it by its id. */
  @is.Maybe() @is.YesNo() isPalette?: boolean | null
}

export class ImportedThing implements Omit<TableThing, 'colourSource' | 'details'> {
  @is.Whole(1, 1_000_000) row: number = 1
  @is.Name(80) name!: string
  @is.Maybe() @is.OneOf(OWNED_KINDS) kind?: OwnedKind
  @is.Maybe() @is.Id() id?: string
  @is.Maybe() @is.Id() productId?: string
  @is.Maybe() @is.Text(0, 60) brand?: string
  @is.Maybe() @is.Text(0, 60) range?: string
  @is.Maybe() @is.OneOf(BRUSH_SHAPES) shape?: BrushShape
  @is.Maybe() @is.Whole(1, 10_000) count?: number
  @is.Maybe() @is.Between(0.1, 10_000) size?: number
  @is.Maybe() @is.OneOf(MEASURES) measure?: Measure
  @is.Maybe() @is.Between(0, 1) level?: number
  @is.Maybe() @is.Moment() openedOn?: string
  @is.Maybe() @is.Moment() expiresOn?: string
  /** When it was last used, before anything here said so. */
  @is.Maybe() @is.Moment() lastUsed?: string
  @is.Maybe() @is.Minor() priceMinor?: number
  /** Names of places, the outermost first. */
  @is.Maybe()
  @is.Lines(20, 60)
  @is.Satisfies('named', areNames, 'must hold names: leave out what is blank')
  place?: string[]
  @is.Maybe() @is.Between(1, 12) depth?: number
  @is.Maybe() @is.OneOf(UNDERTONES) undertone?: Undertone
  @is.Maybe()
  @is.Colour(() => LabDto, 'must be a colour that exists')
  lab?: LabDto
  @is.Maybe() @is.OneOf(COLOUR_SOURCES) colourSource?: ColourSource
  @is.Maybe() @is.OneOf(COVERAGES) coverage?: Coverage
  @is.Maybe() @is.OneOf(FAMILIES) family?: Family
  @is.Maybe() @is.OneOf(FINISHES) finish?: Finish
  @is.Maybe() @is.OneOf(TEXTURES) texture?: Texture
  @is.Maybe() @is.SomeOf(RESISTANCES) resists?: Resistance[]
  @is.Maybe() @is.Whole(2, 100) spf?: number
  /** Places of a face it must be kept from. */
  @is.Maybe() @is.SomeOf(UNSAFE_PLACES) unsafeFor?: UnsafePlace[]
  /** What it is was guessed: it is kept from the eyes. */
  @is.Maybe() @is.YesNo() isGuess?: boolean
  @is.Maybe() @is.Ingredients() inci?: string
  @is.Maybe() @is.Between(0, 100, '%') percent?: number
  @is.Maybe() @is.Barcode() barcode?: string
  @is.Maybe() @is.Text(0, 60) label?: string
  @is.Maybe() @is.OneOf(UNIT_ROLES) role?: UnitRole
  @is.Maybe() @is.Text(0, 500) notes?: string
  @is.Maybe() @is.Text(0, 40) batch?: string
  /** Of a pan, the palette it lies in: its id, or what it is called. */
  @is.Maybe() @is.Name(120) palette?: string
  @is.Maybe() @is.Moment() retiredAt?: string
  @is.Maybe() @is.Text(0, 200) why?: string
  @is.Maybe()
  @is.One(() => ImportedDetails, 'must be what was written out')
  details?: ImportedDetails
}

/** A place as it was written out. */
export class ImportedPlace {
  @is.Id() id!: string
  @is.Maybe() @is.Id() parentId?: string | null
  @is.OneOf(PLACE_SORTS) sort: PlaceSort = 'pouch'
  @is.Name(60) name!: string
  @is.Whole(0, 10_000) position: number = 0
  @is.Maybe() @is.Between(1, 1_000_000, 'ml') volumeMl?: number | null
  @is.Maybe() @is.Between(1, 1_000_000, 'g') limitG?: number | null
}

export class ImportInput {
  @is.Many(() => ImportedThing, IMPORTED_MOST, 1) things!: ImportedThing[]
  @is.Many(() => ImportedPlace, 1000) places: ImportedPlace[] = []
  /** Only look what it would do. */
  @is.YesNo() onlyLook: boolean = false
}

export interface ImportedLine {
  row: number
  name: string
  kind: OwnedKind
  does: 'new' | 'changed' | 'same'
  /** What of it changes, in words. */
  fields: string[]
}

/** What an import does, or would do. */
export interface ImportOutcome {
  made: number
  changed: number
  same: number
  /** The first of those that are new or change. */
  lines: ImportedLine[]
  /** Places that are made for it, by name. */
  places: string[]
}

export const KIT_FORMAT = 'varietas.kit'
export const KIT_VERSION = 1

/** The kit written out: things as rows of a table, with their places. */
export interface KitFile {
  format: typeof KIT_FORMAT
  version: typeof KIT_VERSION
  exportedAt: string
  currency: string
  places: ImportedPlace[]
  things: ImportedThing[]
}
