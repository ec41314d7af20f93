import { asc, eq, inArray, isNull } from 'drizzle-orm'
import { CORE_LIST, heldAgainst, listOf, resolved, type ListLine } from '#core/stock/handling/standingList'
import { isCarried } from '#core/stock/things/places'
import { isUsed, type Thing } from '#core/stock/things/thing'
import type { StandingListInput, StandingListLine } from '#shared/records/kit/standingLists'
import { today } from '#shared/today'
import { db } from '../../db/connection'
import { standingLists, products } from '../../db/schema'
import { Conflict, Missing } from '../../base/problems'
import { expectVersion } from '../../base/stale'
import { now } from '../record/clock'
import { command } from '../record/command'
import { moveAll } from './moving'
import { placeLines, pouchFor, usualPouches } from './places'
import { validRows } from '../record/validRows'
import { allThings } from './things'
import { untilWritten } from '../record/untilWritten'

/* Standing lists: the core kit and its variants, which of their things are packed, and packing by them. */

type Reader = Pick<typeof db, 'select'>

export const standingListsKept = async (from: Reader = db) =>
  validRows(
    'standingList',
    await from
      .select()
      .from(standingLists)
      .where(isNull(standingLists.deletedAt))
      .orderBy(asc(standingLists.createdAt)),
  )

/** Whether a thing is in a place that goes to a job. */
async function along(): Promise<(thing: Thing) => boolean> {
  const ids = new Set((await placeLines()).filter(p => isCarried(p.sort)).map(p => p.id))
  return ({ placeId }) => placeId !== null && ids.has(placeId)
}

async function readLists(): Promise<StandingListLine[]> {
  const rows = await standingListsKept()
  const things = await allThings()
  const isAlong = await along()
  const names = await namesOf(rows.flatMap(r => r.lines.map(l => l.productId)))
  const core = rows.find(r => r.id === CORE_LIST)?.lines ?? []
  const unitName = new Map(things.map(t => [t.id, t.name]))
  const line = ({ id, name, lines: changes, version }: (typeof rows)[number]): StandingListLine => {
    const wanted = id === CORE_LIST ? changes : resolved(core, changes)
    const { lines, surplus, massG, roomMl } = heldAgainst(
      wanted,
      things,
      isAlong,
      today(),
      productId => names.get(productId) ?? 'something that is gone',
    )
    const order = new Map(things.map((t, i) => [t.productId, i]))
    return {
      id,
      name,
      isCore: id === CORE_LIST,
      changes,
      lines: lines.sort((x, y) => (order.get(x.productId) ?? Infinity) - (order.get(y.productId) ?? Infinity)),
      surplus: surplus.map(s => ({ ...s, name: unitName.get(s.unitId) ?? '' })),
      massG,
      roomMl,
      version,
    }
  }
  return rows.map(line).sort((x, y) => Number(y.isCore) - Number(x.isCore))
}

async function namesOf(ids: readonly string[]): Promise<Map<string, string>> {
  const found = new Map<string, string>()
  const all = [...new Set(ids)]
  for (let at = 0; at < all.length; at += 500) {
    const some = all.slice(at, at + 500)
    const rows = await db
      .select({ id: products.id, name: products.shade })
      .from(products)
      .where(inArray(products.id, some))
    for (const { id, name } of rows) found.set(id, name)
  }
  return found
}

/** Every standing list, the core first, with the things of it that are packed today. */
export const allStandingLists = untilWritten(readLists, today)

/** Writes a list in place of what was under its id. */
export function keepStandingList({ id, name, lines, version }: StandingListInput): Promise<{ id: string }> {
  return command(`${name} is kept.`, async act => {
    const [row] = await act.tx.select().from(standingLists).where(eq(standingLists.id, id))
    const kept = lines.filter(l => l.count !== 0 && (id !== CORE_LIST || l.count > 0))
    if (row && row.deletedAt === null) {
      expectVersion(row.name, row, version)
      await act.update('standingLists', id, { name, lines: kept })
    } else if (row) await act.update('standingLists', id, { name, lines: kept, deletedAt: null })
    else await act.insert('standingLists', { id, name, lines: kept, createdAt: now() })
    return { id }
  })
}

/** What is along becomes the core; variants stay the changes they are. */
export function coreFromCarried(): Promise<{ lines: number }> {
  return command('What is along is the core kit now.', async act => {
    const lines: ListLine[] = listOf(await allThings(), await along(), today())
    if (lines.length === 0) throw new Conflict('Nothing stands in a case or a bag: put something there first.')
    const [row] = await act.tx.select().from(standingLists).where(eq(standingLists.id, CORE_LIST))
    if (row) await act.update('standingLists', CORE_LIST, { lines, deletedAt: null })
    else await act.insert('standingLists', { id: CORE_LIST, name: 'Core kit', lines, createdAt: now() })
    return { lines: lines.length }
  })
}

/** @throws Conflict for the core while there are variants of it */
export function dropStandingList(id: string): Promise<{ id: string }> {
  let name = ''
  return command(
    () => `${name} is gone.`,
    async act => {
      const rows = await act.tx.select().from(standingLists).where(isNull(standingLists.deletedAt))
      const row = rows.find(r => r.id === id)
      if (!row) throw new Missing('This list')
      if (id === CORE_LIST && rows.length > 1)
        throw new Conflict('Its variants are changes of it: take them away first.')
      name = row.name
      await act.update('standingLists', id, { deletedAt: now() })
      return { id }
    },
  )
}

/** Packs by a list: what is missing comes from where it is into the pouch of its kind, what is on no list goes home. */
export function packByList(id: string): Promise<{ brought: number; left: number }> {
  let words = ''
  return command(
    () => words,
    async act => {
      const list = (await allStandingLists()).find(l => l.id === id)
      if (!list) throw new Missing('This list')
      const pouches = await usualPouches(act)
      const home = (await placeLines()).find(p => p.sort === 'home')
      const kinds = new Map((await allThings()).filter(isUsed).map(t => [t.id, t]))
      const brought = list.lines.flatMap(l => l.bring)
      const some = ({ unitId, count }: { unitId: string; count: number }) =>
        kinds.get(unitId)?.sort === 'tool' ? count : undefined
      await moveAll(act, [
        ...brought.map(m => ({ unitId: m.unitId, count: some(m), to: pouchFor(pouches, kinds.get(m.unitId)!.kind) })),
        ...list.surplus.map(m => ({ unitId: m.unitId, count: some(m), to: home?.id ?? null })),
      ])
      words = `${list.name} is packed: ${brought.length} came, ${list.surplus.length} stayed at home.`
      return { brought: brought.length, left: list.surplus.length }
    },
  )
}
