import { blob, index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import type { Drops, Verdict } from '#core/complexion/mixing/recipe'
import type { Coverage } from '#core/complexion/bottles/product'
import type { Site } from '#core/reading/sites'
import type { AgeBand, HistoryWord, SkinType } from '#core/asked/face'
import type { Finish } from '#core/product/item'
import type { Consultation } from '#shared/records/method/consultation'
import type { PictureType, ReadingSource, SeenVerdict } from '#shared/records/people/faces'
import { colour, id, partOf, version } from './parts'
import { json } from './columns'
import { products } from './things'

/** A person: lasting facts. What a day asks is on its booking. */
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
    /** Answers that were never asked for have their defaults. */
    consultation: json('consultation').$type<Partial<Consultation>>().notNull().default({}),
    createdAt: text('created_at').notNull(),
    version: version(),
    deletedAt: text('deleted_at'),
  },
  t => [index('faces_name').on(t.name, t.id), index('faces_created').on(t.createdAt)],
)

/** The face a row belongs to; the row goes when the face goes. */
// A declared function: the modules of the schema name each other, and this one is called while they are read.
export function ofFace() {
  return partOf('face_id', () => faces.id)
}

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

/** How a product did on a face: liked, reacted, did not hold. Plain uses are in `uses`. */
export const faceHistory = sqliteTable(
  'face_history',
  {
    id: id(),
    faceId: ofFace(),
    productId: partOf('product_id', () => products.id),
    what: text('what').$type<HistoryWord>().notNull(),
    note: text('note').notNull(),
    at: text('at').notNull(),
  },
  t => [index('face_history_face').on(t.faceId), index('face_history_product').on(t.productId)],
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

/** What the simulated meter sees when it is held to a face; stands in for the skin itself. */
export const simulatedSkins = sqliteTable('simulated_skins', {
  faceId: text('face_id')
    .primaryKey()
    .references(() => faces.id, { onDelete: 'cascade' }),
  ...colour,
})
