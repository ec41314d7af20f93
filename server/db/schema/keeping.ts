import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import type { Settings } from '#shared/records/method/settings'
import type { RowChange } from '#shared/records/record/changes'
import type { Standard } from '#core/standard/standard'
import type { ListLine } from '#core/stock/handling/standingList'
import { id, version } from './parts'
import { json } from './columns'

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

/**
 * People who are being erased: marked first, so that what was begun is finished at the next start whatever happens in between.
 * The id is gone once their rows are; the row itself once their bytes are.
 */
export const erasures = sqliteTable('erasures', {
  id: integer('id').primaryKey({ autoIncrement: true }),
  faceId: text('face_id'),
  askedAt: text('asked_at').notNull(),
})

/**
 * Requests that wrote something, by the key their sender gave them, for a day: one that is sent again because its answer was lost is not done a
 * second time.
 */
export const requests = sqliteTable(
  'requests',
  {
    key: text('key').primaryKey(),
    /** A digest of what was asked for. */
    asked: text('asked').notNull(),
    at: text('at').notNull(),
  },
  t => [index('requests_at').on(t.at)],
)

/** Marks a database that was filled with the demo data, so that nothing else is ever mistaken for it. */
export const demoMark = sqliteTable('demo_mark', { loadedAt: text('loaded_at').primaryKey() })

/** What a kit must be able to do, as the artist has it: one of ours that was changed, or her own. */
export const standards = sqliteTable('standards', {
  id: id(),
  value: json('value').$type<Standard>().notNull(),
  version: version(),
  deletedAt: text('deleted_at'),
})

/** Standing lists: the core kit, and variants as changes against it. */
export const standingLists = sqliteTable('standing_lists', {
  id: id(),
  name: text('name').notNull(),
  lines: json('lines').$type<ListLine[]>().notNull(),
  createdAt: text('created_at').notNull(),
  version: version(),
  deletedAt: text('deleted_at'),
})
