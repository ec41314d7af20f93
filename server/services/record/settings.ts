import { eq } from 'drizzle-orm'
import { Settings } from '#shared/records/method/settings'
import { isPlainObject } from '#shared/checks/shape'
import { check } from '#shared/checks/validate'
import { db } from '../../db/connection'
import { settings as table } from '../../db/schema'
import { expectVersion } from '../../base/stale'
import { command } from './command'

const ROW = 1
type Reader = Pick<typeof db, 'select'>
export type KeptSettings = Settings & { version: number }

/** The artist's settings; what was never set, or is newer than what was stored, has its default. */
export async function settings(from: Reader = db): Promise<KeptSettings> {
  const [row] = await from.select().from(table).where(eq(table.id, ROW))
  const stored = isPlainObject(row?.value) ? row.value : {}
  // Nothing was set yet: the first change is made from that.
  const version = row?.version ?? 0
  const checked = check(Settings, stored)
  if (checked.ok) return { ...checked.value, version }
  // What cannot be used is as it came with the application; the rest is as the artist set it.
  const wrong = new Set(checked.issues.map(i => /^[^.[]+/.exec(i.path)?.[0]))
  const right = Object.fromEntries(Object.entries(stored).filter(([k]) => !wrong.has(k)))
  return { ...new Settings(), ...right, version }
}

export function changeSettings({ version, ...value }: Settings): Promise<KeptSettings> {
  return command('Your methods are changed.', async act => {
    const before = await settings(act.tx)
    expectVersion('Your methods', before, version)
    // Written down once, so that the first change has something to go back to.
    const [row] = await act.tx.select({ id: table.id }).from(table).where(eq(table.id, ROW))
    if (row) await act.update('settings', String(ROW), { value })
    else await act.insert('settings', { id: ROW, value })
    return settings(act.tx)
  })
}
