import { inArray } from 'drizzle-orm'
import type { ChangeThingsInput } from '#shared/records/kit/things'
import { fills } from '../../db/schema'
import { Missing } from '../../base/problems'
import { rowsNow, updateAll } from './bulk'
import { command, type Act } from './command'

/* Something of many things, changed in one act. */

const said = <T extends object>(set: T): Partial<T> =>
  Object.fromEntries(Object.entries(set).filter(([, value]) => value !== undefined)) as Partial<T>

/** Changes some fields of several things, for palettes of every pan; the others stay. @throws Missing where one is gone */
export function changeThings(input: ChangeThingsInput): Promise<{ changed: number }> {
  const { ids, level, openedOn, expiresOn, role, brand, range, family, finish, limited } = input
  return command(`${ids.length === 1 ? 'One thing is' : `${ids.length} things are`} changed together.`, async act => {
    const units = await rowsNow(act, 'units', ids)
    const here = ids.flatMap(id => units.get(id) ?? []).filter(u => u.deletedAt === null && u.ownerFaceId === null)
    if (here.length < ids.length) throw new Missing('One of these things')
    await change(act, 'units', here, said({ role }))
    const held = await fillsOf(act, ids)
    const products = await rowsNow(act, 'products', [...new Set(held.map(f => f.productId))])
    // A brush is never half full.
    const filled = held.filter(f => products.get(f.productId)?.sort !== 'tool')
    await change(act, 'fills', filled, said({ level, openedOn, expiresOn }))
    const all = [...products.values()]
    await change(act, 'products', all, said({ brand }))
    const worn = all.filter(p => p.sort === 'cosmetic')
    await change(act, 'products', worn, said({ range, family, finish }))
    if (limited !== undefined)
      await updateAll(
        act,
        'products',
        worn.map(row => ({ row, set: { traits: { ...row.traits, limited } } })),
        p => p.shade,
      )
    return { changed: here.length }
  })
}

async function fillsOf(act: Act, ids: readonly string[]) {
  const found: (typeof fills.$inferSelect)[] = []
  for (let at = 0; at < ids.length; at += 500)
    found.push(
      ...(await act.tx
        .select()
        .from(fills)
        .where(inArray(fills.unitId, ids.slice(at, at + 500)))),
    )
  return found
}

type Many = 'units' | 'fills' | 'products'
async function change<N extends Many>(
  act: Act,
  name: N,
  rows: Parameters<typeof updateAll<N>>[2][number]['row'][],
  set: object,
): Promise<void> {
  if (Object.keys(set).length === 0) return
  const differing = rows.filter(row =>
    Object.entries(set).some(([field, value]) => (row as Record<string, unknown>)[field] !== value),
  )
  await updateAll(
    act,
    name,
    differing.map(row => ({ row, set: set as never })),
    row => String((row as { shade?: string; label?: string }).shade ?? (row as { label?: string }).label ?? ''),
  )
}
