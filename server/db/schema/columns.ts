import { customType } from 'drizzle-orm/sqlite-core'

/** What an unreadable value is read as: no rule of any record takes it, so the row is set aside and named. */
export const UNREADABLE = '(unreadable)'

/** JSON in a text column. A value that is none, as a hand or a broken disk may leave it, never stops the rows beside it. */
export const json = customType<{ data: unknown; driverData: string }>({
  dataType: () => 'text',
  toDriver: value => JSON.stringify(value),
  fromDriver(text) {
    try {
      return JSON.parse(text) as unknown
    } catch {
      return UNREADABLE
    }
  },
})
