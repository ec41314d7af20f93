import { customType } from 'drizzle-orm/sqlite-core'

/** Stands for an unreadable value: no rule of any record accepts it, so the row is quarantined and named. */
export const UNREADABLE = '(unreadable)'

/** JSON in a text column. Text that is no JSON, as a hand or a broken disk may leave it, never stops other rows from being read. */
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
