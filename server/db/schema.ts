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
import type { Measure, PlaceSort, ProductSort, UnitRole } from '#core/stock/things'
import type { Traits } from '#core/stock/usual'
import type { AgeBand, HistoryWord, SkinType } from '#core/suitability/face'
import type { FacePlan } from '#core/suitability/facePlan'
import type { IngredientFlag } from '#core/suitability/ingredients/ingredients'
import type { Finish, ItemKind } from '#core/suitability/item'
import type { Consultation, OccasionInput } from '#shared/records/consultation'
import type { PictureType, ReadingSource, SeenVerdict } from '#shared/records/faces'
import type { ColourSource } from '#shared/records/kit'
import type { FlashTestInput, LockInput, OverrideInput, PaletteTestInput, PlanKind } from '#shared/records/plans'
import type { HouseRuleInput, Settings } from '#shared/records/settings'
import type { RowChange } from '#shared/records/changes'

/*
 * Times are ISO 8601 texts in UTC, money is whole minor units, colours are CIELAB D65 as three columns.
 * What an artist can delete carries `deletedAt` so that it can be brought back.
 */

const id = () => text('id').primaryKey()
/** Counts the writes of a row: a write names the version it was made from. */
const version = () => integer('version').notNull().default(1)
const ofProduct = (column: string) =>
  text(column)
    .notNull()
    .references((): AnySQLiteColumn => products.id, { onDelete: 'cascade' })
const colour = { L: real('l').notNull(), a: real('a').notNull(), b: real('b').notNull() }

/** A thing that exists in the world, owned or offered. It is the identity of a colour: recipes, verdicts, mixes and plans name it. */
export const products = sqliteTable(
  'products',
  {
    id: id(),
    sort: text('sort').$type<ProductSort>().notNull().default('cosmetic'),
    kind: text('kind').$type<ItemKind>().notNull(),
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
    /** What was never said is what the kind usually is: see core/product/usual.ts. */
    traits: json('traits').$type<Partial<Traits>>().notNull().default({}),
    /** How strongly it pulls a mix against what its cover says. */
    strength: real('strength').notNull().default(1),
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
    unitId: text('unit_id')
      .notNull()
      .references(() => units.id, { onDelete: 'cascade' }),
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

/** A person: lasting facts. What a day asks stands with the booking. */
export const faces = sqliteTable(
  'faces',
  {
    id: id(),
    name: text('name').notNull(),
    ageBand: text('age_band').$type<AgeBand>().notNull(),
    skinType: text('skin_type').$type<SkinType>().notNull(),
    coverage: text('coverage').$type<Coverage>().notNull(),
    finish: text('finish').$type<Finish>().notNull(),
    wishes: text('wishes').notNull(),
    notes: text('notes').notNull(),
    /** What was never asked has its default. */
    consultation: json('consultation').$type<Partial<Consultation>>().notNull().default({}),
    createdAt: text('created_at').notNull(),
    version: version(),
    deletedAt: text('deleted_at'),
  },
  t => [index('faces_name').on(t.name, t.id), index('faces_created').on(t.createdAt)],
)

const ofFace = () =>
  text('face_id')
    .notNull()
    .references(() => faces.id, { onDelete: 'cascade' })

/** A day's work. A preview and its day are two jobs linked. */
export const jobs = sqliteTable(
  'jobs',
  {
    id: id(),
    name: text('name').notNull(),
    /** The day as a date; null while none is agreed. */
    day: text('day'),
    /** IANA name; empty where it is the artist's own. */
    timeZone: text('time_zone').notNull().default(''),
    place: text('place').notNull().default(''),
    /** What the day asks of the make-up, its type among it. */
    conditions: json('conditions').$type<OccasionInput>().notNull(),
    houseRules: json('house_rules').$type<HouseRuleInput[]>().notNull().default([]),
    notes: text('notes').notNull().default(''),
    previewOfId: text('preview_of_id').references((): AnySQLiteColumn => jobs.id, { onDelete: 'set null' }),
    createdAt: text('created_at').notNull(),
    version: version(),
    deletedAt: text('deleted_at'),
  },
  t => [index('jobs_day').on(t.day, t.id), index('jobs_preview').on(t.previewOfId)],
)

/** A face on a job. */
export const bookings = sqliteTable(
  'bookings',
  {
    id: id(),
    jobId: text('job_id')
      .notNull()
      .references(() => jobs.id, { onDelete: 'cascade' }),
    faceId: ofFace(),
    readyBy: text('ready_by'),
    position: integer('position').notNull().default(0),
    services: text('services').notNull().default(''),
    /** Where this face's day differs from the job's. */
    differs: json('differs').$type<Partial<OccasionInput>>().notNull().default({}),
    createdAt: text('created_at').notNull(),
    version: version(),
    deletedAt: text('deleted_at'),
  },
  t => [index('bookings_job').on(t.jobId, t.position), index('bookings_face').on(t.faceId)],
)

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

/** What became of a product on a face, beyond that it was used: see uses. */
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
  t => [index('face_history_face').on(t.faceId), index('face_history_product').on(t.productId)],
)

/** Plans that were kept, a line each. */
export const plans = sqliteTable(
  'plans',
  {
    id: id(),
    faceId: ofFace(),
    /** Null for a plan of a personal visit that was not booked. */
    bookingId: text('booking_id').references(() => bookings.id, { onDelete: 'set null' }),
    kind: text('kind').$type<PlanKind>().notNull(),
    occasion: json('occasion').$type<OccasionInput>().notNull(),
    agreed: text('agreed').notNull(),
    change: text('change').notNull(),
    layers: integer('layers').notNull(),
    minutes: real('minutes').notNull(),
    costMinor: integer('cost_minor').notNull(),
    savedAt: text('saved_at').notNull(),
    usedAt: text('used_at'),
    version: version(),
    deletedAt: text('deleted_at'),
  },
  t => [index('plans_face').on(t.faceId, t.savedAt), index('plans_booking').on(t.bookingId)],
)

/** Everything a kept plan said at the time, read on demand: it is large. */
export const planBodies = sqliteTable('plan_bodies', {
  planId: text('plan_id')
    .primaryKey()
    .references(() => plans.id, { onDelete: 'cascade' }),
  locks: json('locks').$type<LockInput[]>().notNull(),
  overrides: json('overrides').$type<OverrideInput[]>().notNull(),
  plan: json('plan').$type<FacePlan>().notNull(),
})

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

export const suppliers = sqliteTable(
  'suppliers',
  {
    id: id(),
    name: text('name').notNull(),
    leadDays: integer('lead_days').notNull(),
  },
  t => [index('suppliers_name').on(t.name)],
)

/** What a supplier asks for a product. */
export const offers = sqliteTable(
  'offers',
  {
    id: id(),
    supplierId: text('supplier_id')
      .notNull()
      .references(() => suppliers.id, { onDelete: 'cascade' }),
    productId: ofProduct('product_id'),
    size: real('size').notNull(),
    measure: text('measure').$type<Measure>().notNull(),
    priceMinor: integer('price_minor').notNull(),
    /** ISO 4217; empty where it is the artist's own. */
    currency: text('currency').notNull().default(''),
    inStock: integer('in_stock', { mode: 'boolean' }).notNull().default(true),
  },
  t => [index('offers_supplier').on(t.supplierId), index('offers_product').on(t.productId)],
)

export const purchases = sqliteTable(
  'purchases',
  {
    id: id(),
    createdAt: text('created_at').notNull(),
    budgetMinor: integer('budget_minor').notNull(),
  },
  t => [index('purchases_created').on(t.createdAt)],
)

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
    version: version(),
    deletedAt: text('deleted_at'),
  },
  t => [index('purchase_lines_purchase').on(t.purchaseId), index('purchase_lines_offer').on(t.offerId)],
)

/** One row. */
export const settings = sqliteTable('settings', {
  id: integer('id').primaryKey(),
  value: json('value').$type<Settings>().notNull(),
  version: version(),
})

/** Every act of the artist, in order: what was done, and the rows before and after, so that it can be taken back. */
export const changes = sqliteTable(
  'changes',
  {
    id: integer('id').primaryKey({ autoIncrement: true }),
    at: text('at').notNull(),
    /** The device it was done on. */
    by: text('by').notNull(),
    /** What was done, people as {face:ID}. */
    words: text('words').notNull(),
    rows: json('rows').$type<RowChange[]>().notNull(),
    /** The change this one took back. */
    undoes: integer('undoes'),
    undoneBy: integer('undone_by'),
  },
  t => [index('changes_undoes').on(t.undoes)],
)

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
