import { inArray } from 'drizzle-orm'
import type { SQLiteColumn, SQLiteTable } from 'drizzle-orm/sqlite-core'
import type { StillThere, StillThereInput } from '#shared/records/record/stillThere'
import { db } from '../../db/connection'
import { RECORDS } from './command'

/** Which of these ids stand for no record any more, so that a device drops what it keeps about them. */
export async function stillThere({ ids }: StillThereInput): Promise<StillThere> {
  const gone = new Set(ids)
  for (const [name, table] of Object.entries(RECORDS) as unknown as [string, SQLiteTable & { id: SQLiteColumn }][]) {
    // Its one row has a number.
    if (name === 'settings' || gone.size === 0) continue
    for (const { id } of await db
      .select({ id: table.id })
      .from(table)
      .where(inArray(table.id, [...gone])))
      gone.delete(id as string)
  }
  return { gone: [...gone] }
}
