import {
  blob,
  index,
  integer,
  real,
  sqliteTable,
  text,
  uniqueIndex,
  type AnySQLiteColumn,
} from 'drizzle-orm/sqlite-core'
import type { Lab } from '#core/colour/lab'
import { json } from './columns'
import type { Drops, Verdict } from '#core/complexion/recipe'
import type { Coverage, Family } from '#core/complexion/product'
import type { Site } from '#core/reading/sites'
import type { Traits } from '#core/stock/usual'
import type { AgeBand, HistoryWord, SkinType } from '#core/suitability/face'
import type { FacePlan } from '#core/suitability/facePlan'
import type { IngredientFlag } from '#core/suitability/ingredients/ingredients'
import type { Finish, ItemKind } from '#core/suitability/item'
import type { Consultation, OccasionInput } from '#shared/records/consultation'
import type { PictureType, ReadingSource, SeenVerdict } from '#shared/records/faces'
import type { ColourSource } from '#shared/records/kit'
import type { FlashTestInput, LockInput, OverrideInput, PaletteTestInput, PlanKind } from '#shared/records/plans'
import type { Settings } from '#shared/records/settings'

/*
 * Times are ISO 8601 texts in UTC, money is whole minor units, colours are CIELAB D65 as three columns.
 * What an artist can delete carries `deletedAt` so that it can be brought back.
 */

const id = () => text('id').primaryKey()
const colour = { L: real('l').notNull(), a: real('a').notNull(), b: real('b').notNull() }

const productColumns = {
  kind: text('kind').$type<ItemKind>().notNull(),
  brand: text('brand').notNull(),
  range: text('range').notNull(),
  shade: text('shade').notNull(),
  ...colour,
  colourSource: text('colour_source').$type<ColourSource>().notNull(),
  coverage: text('coverage').$type<Coverage>().notNull(),
  family: text('family').$type<Family>().notNull(),
  finish: text('finish').$type<Finish>().notNull(),
  sizeMl: real('size_ml').notNull(),
  inci: text('inci').notNull().default(''),
  flagFixes: json('flag_fixes').$type<Partial<Record<IngredientFlag, boolean>>>().notNull().default({}),
  /** What was never said is what the kind usually is: see core/stock/usual.ts. */
  traits: json('traits').$type<Partial<Traits>>().notNull().default({}),
}

export const products = sqliteTable('products', {
  id: id(),
  /** A product that a face brings along and that is no part of the kit. */
  ownerFaceId: text('owner_face_id').references((): AnySQLiteColumn => faces.id, { onDelete: 'cascade' }),
  ...productColumns,
  /** How strongly it pulls a mix against what its cover says. */
  strength: real('strength').notNull().default(1),
  level: real('level').notNull(),
  priceMinor: integer('price_minor'),
  openedOn: text('opened_on'),
  notes: text('notes').notNull(),
  retiredAt: text('retired_at'),
  createdAt: text('created_at').notNull(),
  deletedAt: text('deleted_at'),
})

/** Ranges that the artist has seen separate; a range not listed mixes with itself. */
export const rangesApart = sqliteTable(
  'ranges_apart',
  {
    brand: text('brand').notNull(),
    range: text('range').notNull(),
  },
  t => [uniqueIndex('ranges_apart_name').on(t.brand, t.range)],
)

export const faces = sqliteTable('faces', {
  id: id(),
  name: text('name').notNull(),
  ageBand: text('age_band').$type<AgeBand>().notNull(),
  skinType: text('skin_type').$type<SkinType>().notNull(),
  coverage: text('coverage').$type<Coverage>().notNull(),
  finish: text('finish').$type<Finish>().notNull(),
  wishes: text('wishes').notNull(),
  bookedOn: text('booked_on'),
  bookedFor: text('booked_for').notNull(),
  notes: text('notes').notNull(),
  /** What was never asked has its default. */
  consultation: json('consultation').$type<Partial<Consultation>>().notNull().default({}),
  createdAt: text('created_at').notNull(),
  deletedAt: text('deleted_at'),
})

const ofFace = () =>
  text('face_id')
    .notNull()
    .references(() => faces.id, { onDelete: 'cascade' })

export const readings = sqliteTable(
  'readings',
  {
    id: id(),
    faceId: ofFace(),
    source: text('source').$type<ReadingSource>().notNull(),
    ...colour,
    covariance: json('covariance').$type<number[]>().notNull(),
    note: text('note').notNull(),
    site: text('site').$type<Site>().notNull().default('jaw'),
    /** Taken with a fake tan on: it counts for the day, not for how the skin drifts. */
    tanned: integer('tanned', { mode: 'boolean' }).notNull().default(false),
    takenAt: text('taken_at').notNull(),
    deletedAt: text('deleted_at'),
  },
  t => [index('readings_face').on(t.faceId)],
)

export const recipes = sqliteTable(
  'recipes',
  {
    id: id(),
    faceId: ofFace(),
    drops: json('drops').$type<Drops[]>().notNull(),
    names: json('names').$type<Record<string, string>>().notNull(),
    ...colour,
    deltaE: real('delta_e').notNull(),
    verdict: text('verdict').$type<Verdict>().notNull(),
    chance: real('chance').notNull(),
    note: text('note').notNull(),
    savedAt: text('saved_at').notNull(),
    deletedAt: text('deleted_at'),
  },
  t => [index('recipes_face').on(t.faceId)],
)

/** What the artist saw of a recipe on the skin: evidence on skin and bottles. */
export const seenVerdicts = sqliteTable(
  'seen_verdicts',
  {
    id: id(),
    faceId: ofFace(),
    drops: json('drops').$type<Drops[]>().notNull(),
    seen: text('seen').$type<SeenVerdict['seen']>().notNull(),
    degree: text('degree').$type<SeenVerdict['degree']>(),
    seenAt: text('seen_at').notNull(),
  },
  t => [index('seen_verdicts_face').on(t.faceId)],
)

/** What became of a product on a face; a recipe counts for each of its bottles. */
export const faceHistory = sqliteTable(
  'face_history',
  {
    id: id(),
    faceId: ofFace(),
    productId: text('product_id')
      .notNull()
      .references(() => products.id, { onDelete: 'cascade' }),
    what: text('what').$type<HistoryWord>().notNull(),
    note: text('note').notNull(),
    at: text('at').notNull(),
  },
  t => [index('face_history_face').on(t.faceId)],
)

/** Plans that were kept, with everything they said at the time. */
export const plans = sqliteTable(
  'plans',
  {
    id: id(),
    faceId: ofFace(),
    kind: text('kind').$type<PlanKind>().notNull(),
    occasion: json('occasion').$type<OccasionInput>().notNull(),
    locks: json('locks').$type<LockInput[]>().notNull(),
    overrides: json('overrides').$type<OverrideInput[]>().notNull(),
    agreed: text('agreed').notNull(),
    change: text('change').notNull(),
    plan: json('plan').$type<FacePlan>().notNull(),
    savedAt: text('saved_at').notNull(),
    usedAt: text('used_at'),
    deletedAt: text('deleted_at'),
  },
  t => [index('plans_face').on(t.faceId)],
)

/** Pictures of the look wished for or done, without their metadata; in the file, so that they go with the face. */
export const pictures = sqliteTable(
  'pictures',
  {
    id: id(),
    faceId: ofFace(),
    type: text('type').$type<PictureType>().notNull(),
    bytes: blob('bytes', { mode: 'buffer' }).notNull(),
    note: text('note').notNull(),
    createdAt: text('created_at').notNull(),
    deletedAt: text('deleted_at'),
  },
  t => [index('pictures_face').on(t.faceId)],
)

/** What two ranges did on the palette. */
export const paletteTests = sqliteTable('palette_tests', {
  id: id(),
  a: text('a').notNull(),
  b: text('b').notNull(),
  result: text('result').$type<PaletteTestInput['result']>().notNull(),
  after: text('after').notNull(),
  at: text('at').notNull(),
})

export const flashTests = sqliteTable('flash_tests', {
  id: id(),
  itemIds: json('item_ids').$type<string[]>().notNull(),
  result: text('result').$type<FlashTestInput['result']>().notNull(),
  note: text('note').notNull(),
  at: text('at').notNull(),
})

/** Mixes that were measured: what they teach of the bottles is reckoned anew each time. */
export const measuredMixes = sqliteTable('measured_mixes', {
  id: id(),
  drops: json('drops').$type<Drops[]>().notNull(),
  names: json('names').$type<Record<string, string>>().notNull(),
  ...colour,
  at: text('at').notNull(),
})

export const suppliers = sqliteTable('suppliers', {
  id: id(),
  name: text('name').notNull(),
  leadDays: integer('lead_days').notNull(),
})

export const offers = sqliteTable('offers', {
  id: id(),
  supplierId: text('supplier_id')
    .notNull()
    .references(() => suppliers.id, { onDelete: 'cascade' }),
  ...productColumns,
  priceMinor: integer('price_minor').notNull(),
})

export const purchases = sqliteTable('purchases', {
  id: id(),
  createdAt: text('created_at').notNull(),
  budgetMinor: integer('budget_minor').notNull(),
})

export const purchaseLines = sqliteTable(
  'purchase_lines',
  {
    id: id(),
    purchaseId: text('purchase_id')
      .notNull()
      .references(() => purchases.id, { onDelete: 'cascade' }),
    offerId: text('offer_id')
      .notNull()
      .references(() => offers.id),
    priceMinor: integer('price_minor').notNull(),
    reason: text('reason').notNull(),
    receivedAt: text('received_at'),
    productId: text('product_id').references(() => products.id),
    deletedAt: text('deleted_at'),
  },
  t => [index('purchase_lines_purchase').on(t.purchaseId)],
)

/** One row. */
export const settings = sqliteTable('settings', {
  id: integer('id').primaryKey(),
  value: json('value').$type<Settings>().notNull(),
})

/** What the simulated meter sees when it is held to a face; stands in for the skin itself. */
export const simulatedSkins = sqliteTable('simulated_skins', {
  faceId: text('face_id')
    .primaryKey()
    .references(() => faces.id, { onDelete: 'cascade' }),
  ...colour,
})

/**
 * People who are being erased: marked first, so that what was begun is finished at the next start whatever happens in between.
 * The id is gone once their rows are; the row itself once their bytes are.
 */
export const erasures = sqliteTable('erasures', {
  id: integer('id').primaryKey({ autoIncrement: true }),
  faceId: text('face_id'),
  askedAt: text('asked_at').notNull(),
})

/** Marks a database that was filled with the demo data, so that nothing else is ever mistaken for it. */
export const demoMark = sqliteTable('demo_mark', { loadedAt: text('loaded_at').primaryKey() })

export const labOf = ({ L, a, b }: Lab): Lab => ({ L, a, b })
