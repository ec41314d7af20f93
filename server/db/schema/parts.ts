import { integer, real, text, type AnySQLiteColumn } from 'drizzle-orm/sqlite-core'

/* What columns of many tables are alike in. */

export const id = () => text('id').primaryKey()
/** Counts the writes of a row: a write names the version it was made from. */
export const version = () => integer('version').notNull().default(1)
/** The row that a row is part of: it goes with it. */
export const partOf = (column: string, whole: () => AnySQLiteColumn) =>
  text(column).notNull().references(whole, { onDelete: 'cascade' })
export const colour = { L: real('l').notNull(), a: real('a').notNull(), b: real('b').notNull() }
