import { sqliteTable, text } from 'drizzle-orm/sqlite-core'
import type { Drops } from '#core/complexion/mixing/recipe'
import type { FlashTestInput, PaletteTestInput } from '#shared/records/people/plans'
import { colour, id } from './parts'
import { json } from './columns'

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
