import { eq } from 'drizzle-orm'
import { Settings } from '#shared/records/settings'
import { db, write } from '../db/connection'
import { settings as table } from '../db/schema'

const ROW = 1

/** The artist's settings; what was never set, or is newer than what was stored, has its default. */
export async function settings(): Promise<Settings> {
  const [row] = await db.select().from(table).where(eq(table.id, ROW))
  return { ...new Settings(), ...row?.value }
}

export function changeSettings(value: Settings): Promise<Settings> {
  return write(async tx => {
    await tx.insert(table).values({ id: ROW, value }).onConflictDoUpdate({ target: table.id, set: { value } })
    return value
  })
}
