import { COVERAGES, FAMILIES, type Coverage, type Family } from '#core/complexion/product'
import { UNDERTONES, type Undertone } from '#core/complexion/skin'
import { FLAGS, type IngredientFlag } from '#core/ingredients/flags'
import { FINISHES, type Finish } from '#core/product/item'
import { BRUSH_SHAPES, OWNED_KINDS, type BrushShape, type OwnedKind } from '#core/stock/kinds'
import type { TableThing } from '#core/stock/table/rows'
import { MEASURES, PLACE_SORTS, UNIT_ROLES, type Measure, type PlaceSort, type UnitRole } from '#core/stock/things'
import type { Traits } from '#core/stock/usual'
import { LabDto } from '../compute/parts'
import {
  Barcode,
  Between,
  Colour,
  Id,
  Ingredients,
  Lines,
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
  YesNo,
} from '../checks/rules'
import { COLOUR_SOURCES, type ColourSource } from './kit'
import { TraitsInput } from './traits'

/* Rows of a table, or of a kit that was written out, on their way into this one. What a row does not say stays as it is. */

export const IMPORTED_MOST = 5000

const areNames = (v: unknown) => !Array.isArray(v) || v.every(n => typeof n === 'string' && n.trim() !== '')

/** What of a thing stands in no column of a table. */
export class ImportedDetails {
  @Maybe() @Id() placeId?: string | null
  @Maybe()
  @One(() => TraitsInput, 'must describe the product')
  traits?: Partial<Traits> | null
  @Maybe()
  @Named(
    FLAGS.length,
    (flag, on) => FLAGS.includes(flag as IngredientFlag) && typeof on === 'boolean',
    'must set known flags to true or false',
  )
  flagFixes?: Partial<Record<IngredientFlag, boolean>> | null
  @Maybe() @Between(0.25, 4) strength?: number | null
  @Maybe() @YesNo() porous?: boolean | null
  @Maybe() @Text(0, 60) container?: string | null
  @Maybe() @Whole(0, 1000) position?: number | null
  @Maybe() @Moment() createdAt?: string | null
  @Maybe() @Id() fromFillId?: string | null
  /** It is a palette: others of the rows are its pans, and name it by its id. */
  @Maybe() @YesNo() isPalette?: boolean | null
}

export class ImportedThing implements Omit<TableThing, 'colourSource' | 'details'> {
  @Whole(1, 1_000_000) row: number = 1
  @Name(80) name!: string
  @Maybe() @OneOf(OWNED_KINDS) kind?: OwnedKind
  @Maybe() @Id() id?: string
  @Maybe() @Id() productId?: string
  @Maybe() @Text(0, 60) brand?: string
  @Maybe() @Text(0, 60) range?: string
  @Maybe() @OneOf(BRUSH_SHAPES) shape?: BrushShape
  @Maybe() @Whole(1, 10_000) count?: number
  @Maybe() @Between(0.1, 10_000) size?: number
  @Maybe() @OneOf(MEASURES) measure?: Measure
  @Maybe() @Between(0, 1) level?: number
  @Maybe() @Moment() openedOn?: string
  @Maybe() @Moment() expiresOn?: string
  @Maybe() @Minor() priceMinor?: number
  /** Names of places, the outermost first. */
  @Maybe() @Lines(20, 60) @Satisfies('named', areNames, 'must hold names: leave out what is blank') place?: string[]
  @Maybe() @Between(1, 12) depth?: number
  @Maybe() @OneOf(UNDERTONES) undertone?: Undertone
  @Maybe()
  @Colour(() => LabDto, 'must be a colour that exists')
  lab?: LabDto
  @Maybe() @OneOf(COLOUR_SOURCES) colourSource?: ColourSource
  @Maybe() @OneOf(COVERAGES) coverage?: Coverage
  @Maybe() @OneOf(FAMILIES) family?: Family
  @Maybe() @OneOf(FINISHES) finish?: Finish
  @Maybe() @Ingredients() inci?: string
  @Maybe() @Between(0, 100, '%') percent?: number
  @Maybe() @Barcode() barcode?: string
  @Maybe() @Text(0, 60) label?: string
  @Maybe() @OneOf(UNIT_ROLES) role?: UnitRole
  @Maybe() @Text(0, 500) notes?: string
  @Maybe() @Text(0, 40) batch?: string
  /** Of a pan, the palette it lies in: its id, or what it is called. */
  @Maybe() @Name(120) palette?: string
  @Maybe() @Moment() retiredAt?: string
  @Maybe() @Text(0, 200) why?: string
  @Maybe()
  @One(() => ImportedDetails, 'must be what was written out')
  details?: ImportedDetails
}

/** A place as it was written out. */
export class ImportedPlace {
  @Id() id!: string
  @Maybe() @Id() parentId?: string | null
  @OneOf(PLACE_SORTS) sort: PlaceSort = 'pouch'
  @Name(60) name!: string
  @Whole(0, 10_000) position: number = 0
  @Maybe() @Between(1, 1_000_000, 'ml') volumeMl?: number | null
  @Maybe() @Between(1, 1_000_000, 'g') limitG?: number | null
}

export class ImportInput {
  @Many(() => ImportedThing, IMPORTED_MOST, 1) things!: ImportedThing[]
  @Many(() => ImportedPlace, 1000) places: ImportedPlace[] = []
  /** Only look what it would do. */
  @YesNo() onlyLook: boolean = false
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
