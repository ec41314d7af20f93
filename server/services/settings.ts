import { eq } from 'drizzle-orm'
import { Settings } from '#shared/records/settings'
import { isPlainObject } from '#shared/shape'
import { check } from '#shared/validate'
import { db, write } from '../db/connection'
import { settings as table } from '../db/schema'

const ROW = 1

/** The artist's settings; what was never set, or is newer than what was stored, has its default. */
export async function settings(): Promise<Settings> {
  const [row] = await db.select().from(table).where(eq(table.id, ROW))
  const stored = isPlainObject(row?.value) ? row.value : {}
  const checked = check(Settings, stored)
  if (checked.ok) return checked.value
  // What cannot be used is as it came with the application; the rest is as the artist set it.
  const wrong = new Set(checked.issues.map(i => /^[^.[]+/.exec(i.path)?.[0]))
  return Object.assign(new Settings(), Object.fromEntries(Object.entries(stored).filter(([k]) => !wrong.has(k))))
}

export function changeSettings(value: Settings): Promise<Settings> {
  return write(async tx => {
    await tx.insert(table).values({ id: ROW, value }).onConflictDoUpdate({ target: table.id, set: { value } })
    return value
  })
}
