import { index, integer, real, sqliteTable, text, uniqueIndex, type AnySQLiteColumn } from 'drizzle-orm/sqlite-core'
import type { Coverage, Family } from '#core/complexion/bottles/product'
import type { Measure, PlaceSort, ProductSort, UnitRole } from '#core/stock/things/things'
import type { Traits } from '#core/stock/things/usual'
import type { IngredientFlag } from '#core/ingredients/flags'
import type { Finish } from '#core/product/item'
import type { BrushShape, OwnedKind } from '#core/stock/things/kinds'
import type { ColourSource } from '#shared/records/kit/kit'
import { id, partOf, version } from './parts'
import { json } from './columns'
import { faces } from './people'
import { jobs, plans } from './days'
import { purchaseLines } from './buys'

/** The product that a row is of. */
// A declared function: the modules of the schema name each other, and this one is called while they are read.
export function ofProduct(column: string) {
  return text(column)
    .notNull()
    .references((): AnySQLiteColumn => products.id, { onDelete: 'cascade' })
}

/** A thing that exists in the world, owned or offered. It is the identity of a colour: recipes, verdicts, mixes and plans name it. */
export const products = sqliteTable(
  'products',
  {
    id: id(),
    sort: text('sort').$type<ProductSort>().notNull().default('cosmetic'),
    kind: text('kind').$type<OwnedKind>().notNull(),
    brand: text('brand').notNull(),
    range: text('range').notNull(),
    /** What stands on it: the shade of a foundation, the name of anything else. */
    shade: text('name').notNull(),
    /** Null for what has no colour to show. */
    L: real('l'),
    a: real('a'),
    b: real('b'),
    colourSource: text('colour_source').$type<ColourSource>().notNull(),
    coverage: text('coverage').$type<Coverage>().notNull(),
    family: text('family').$type<Family>().notNull(),
    finish: text('finish').$type<Finish>().notNull(),
    inci: text('inci').notNull().default(''),
    flagFixes: json('flag_fixes').$type<Partial<Record<IngredientFlag, boolean>>>().notNull().default({}),
    /** A field never given is as usual for the kind: see core/stock/things/usual.ts. */
    traits: json('traits').$type<Partial<Traits>>().notNull().default({}),
    /** How strongly it pulls a mix against what its cover says. */
    strength: real('strength').notNull().default(1),
    /** Of a brush; empty for anything else. */
    shape: text('shape').$type<BrushShape | ''>().notNull().default(''),
    /** Of a tool: porous. Null where it is not known. */
    porous: integer('porous', { mode: 'boolean' }),
    /** Strength by volume of what is bought for it, such as alcohol. */
    percent: real('percent'),
    /** The number under the bars of its pack. */
    barcode: text('barcode'),
    createdAt: text('created_at').notNull(),
    version: version(),
    deletedAt: text('deleted_at'),
  },
  t => [index('products_created').on(t.createdAt, t.id), index('products_name').on(t.shade)],
)

/** The colours of a palette: each pan is a product of its own. */
export const pans = sqliteTable(
  'pans',
  {
    id: id(),
    paletteId: ofProduct('palette_id'),
    position: integer('position').notNull(),
    productId: ofProduct('product_id'),
  },
  t => [index('pans_palette').on(t.paletteId, t.position), index('pans_product').on(t.productId)],
)

/** Where things are, a tree. */
export const places = sqliteTable(
  'places',
  {
    id: id(),
    parentId: text('parent_id').references((): AnySQLiteColumn => places.id, { onDelete: 'set null' }),
    sort: text('sort').$type<PlaceSort>().notNull(),
    name: text('name').notNull(),
    position: integer('position').notNull(),
    volumeMl: real('volume_ml'),
    limitG: real('limit_g'),
    version: version(),
    deletedAt: text('deleted_at'),
  },
  t => [index('places_parent').on(t.parentId, t.position)],
)

/** A physical thing that is owned: a bottle, a case with pans, a set of twelve brushes. */
export const units = sqliteTable(
  'units',
  {
    id: id(),
    productId: ofProduct('product_id'),
    placeId: text('place_id').references(() => places.id, { onDelete: 'set null' }),
    count: integer('count').notNull().default(1),
    container: text('container').notNull().default(''),
    label: text('label').notNull().default(''),
    priceMinor: integer('price_minor'),
    purchaseLineId: text('purchase_line_id').references((): AnySQLiteColumn => purchaseLines.id, {
      onDelete: 'set null',
    }),
    role: text('role').$type<UnitRole>().notNull().default('workhorse'),
    /** Somebody in the chair who brings it: weighed for that face alone, no part of the kit. */
    ownerFaceId: text('owner_face_id').references((): AnySQLiteColumn => faces.id, { onDelete: 'cascade' }),
    notes: text('notes').notNull().default(''),
    retiredAt: text('retired_at'),
    /** Why it was retired. */
    why: text('why').notNull().default(''),
    createdAt: text('created_at').notNull(),
    version: version(),
    deletedAt: text('deleted_at'),
  },
  t => [
    index('units_product').on(t.productId),
    index('units_place').on(t.placeId),
    index('units_owner').on(t.ownerFaceId),
    index('units_purchase_line').on(t.purchaseLineId),
    index('units_created').on(t.createdAt, t.id),
  ],
)

/** What is inside a unit: one for a bottle, one a pan for a palette, one for a decant. */
export const fills = sqliteTable(
  'fills',
  {
    id: id(),
    unitId: partOf('unit_id', () => units.id),
    position: integer('position').notNull().default(0),
    productId: ofProduct('product_id'),
    size: real('size').notNull(),
    measure: text('measure').$type<Measure>().notNull(),
    /** Share of the size that is left, 0–1. */
    level: real('level').notNull(),
    batch: text('batch').notNull().default(''),
    openedOn: text('opened_on'),
    expiresOn: text('expires_on'),
    fromFillId: text('from_fill_id').references((): AnySQLiteColumn => fills.id, { onDelete: 'set null' }),
    version: version(),
  },
  t => [
    index('fills_unit').on(t.unitId, t.position),
    index('fills_product').on(t.productId),
    index('fills_from').on(t.fromFillId),
  ],
)

/** What was taken of what, on whom: a log, never changed. */
export const uses = sqliteTable(
  'uses',
  {
    id: id(),
    at: text('at').notNull(),
    fillId: text('fill_id').references(() => fills.id, { onDelete: 'cascade' }),
    unitId: text('unit_id').references(() => units.id, { onDelete: 'cascade' }),
    /** In the measure of the fill; null where nobody counted. */
    amount: real('amount'),
    faceId: text('face_id').references((): AnySQLiteColumn => faces.id, { onDelete: 'set null' }),
    jobId: text('job_id').references((): AnySQLiteColumn => jobs.id, { onDelete: 'set null' }),
    planId: text('plan_id').references((): AnySQLiteColumn => plans.id, { onDelete: 'set null' }),
    note: text('note').notNull().default(''),
  },
  t => [
    index('uses_fill').on(t.fillId),
    index('uses_unit').on(t.unitId),
    index('uses_face').on(t.faceId, t.at),
    index('uses_job').on(t.jobId),
    index('uses_plan').on(t.planId),
  ],
)

/** Ranges that the artist has seen separate; a range not listed mixes with itself. */
export const rangesApart = sqliteTable(
  'ranges_apart',
  {
    id: id(),
    brand: text('brand').notNull(),
    range: text('range').notNull(),
  },
  t => [uniqueIndex('ranges_apart_name').on(t.brand, t.range)],
)
