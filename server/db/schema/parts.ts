import { integer, real, text } from 'drizzle-orm/sqlite-core'

/* What columns of many tables are alike in. */

export const id = () => text('id').primaryKey()
/** Counts the writes of a row: a write names the version it was made from. */
export const version = () => integer('version').notNull().default(1)
export const colour = { L: real('l').notNull(), a: real('a').notNull(), b: real('b').notNull() }
