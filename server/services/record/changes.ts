import { and, desc, eq, getTableColumns, isNull, lt } from 'drizzle-orm'
import type { Change, RowChange, Touched } from '#shared/records/record/changes'
import { db } from '../../db/connection'
import { changes } from '../../db/schema'
import { Conflict, Missing } from '../../base/problems'
import { undoneInWords } from './changeWords'
import { now } from './clock'
import { takeBackMany } from './takenBack'
import { command, isRecordName, rowNow, same, type Act } from './command'
import { faceNames, withNames } from './namesInReasons'

/** How far back an act can be taken back. */
export const UNDO_MOST = 50
const PAGE = 50

/** What was done, with names in place of ids. */
export const told = async (words: string): Promise<string> => withNames(words, await faceNames(db, [words]))

type Stored = typeof changes.$inferSelect

/** The acts of this studio, newest first. @param before only those before this one */
export async function history(before?: number): Promise<Change[]> {
  const { rows: _rows, ...columns } = getTableColumns(changes)
  const acts = await db
    .select(columns)
    .from(changes)
    .where(before === undefined ? undefined : lt(changes.id, before))
    .orderBy(desc(changes.id))
    .limit(PAGE)
  const open = new Set(await undoable())
  const told: { act: (typeof acts)[number]; undo: string | null }[] = []
  for (const act of acts) told.push({ act, undo: open.has(act.id) ? await undoWords(act.id) : null })
  const names = await faceNames(
    db,
    told.flatMap(t => [t.act.words, t.undo ?? '']),
  )
  return told.map(({ act, undo }) => ({
    id: act.id,
    at: act.at,
    by: act.by,
    words: withNames(act.words, names),
    undoWords: undo === null ? null : withNames(undo, names),
    undoes: act.undoes,
    undoneBy: act.undoneBy,
  }))
}

/** What taking an act back would do. Read for each by itself: the rows of one act may be ten thousand. */
async function undoWords(id: number): Promise<string> {
  const [act] = await db.select().from(changes).where(eq(changes.id, id))
  return act ? undoneInWords(rowsOf(act)) : ''
}

// A damaged row of changes can be shown, but not undone.
const rowsOf = ({ rows }: Stored): RowChange[] =>
  Array.isArray(rows) ? rows.filter(r => typeof r === 'object' && r !== null && isRecordName(r.table)) : []

/** Acts that can still be taken back: of the last of this studio, those that were not, and that took nothing back themselves. */
async function undoable(): Promise<number[]> {
  const rows = await db
    .select({ id: changes.id })
    .from(changes)
    .where(and(isNull(changes.undoneBy), isNull(changes.undoes)))
    .orderBy(desc(changes.id))
    .limit(UNDO_MOST)
  return rows.map(r => r.id)
}

/**
 * Takes one act back, as a new change; without an id the last that can be.
 * @throws Missing when there is none; Conflict, and nothing is done, where its rows were changed since
 */
export async function undo(id?: number): Promise<{ change: number; words: string; touched: Touched }> {
  const wanted = id ?? (await undoable())[0]
  const [row] = wanted === undefined ? [] : await db.select().from(changes).where(eq(changes.id, wanted))
  if (!row) throw new Missing(id === undefined ? 'Anything to take back' : 'What was done')
  if (row.undoneBy !== null) throw new Conflict('It was taken back already: reload the page.')
  const rows = rowsOf(row)
  if (rows.length === 0) throw new Conflict('It was done too long ago to be taken back.')
  const words = undoneInWords(rows)
  const names = await faceNames(db, [words])
  try {
    await command(
      words,
      async act => {
        const rest = await takeBackMany(act, rows, mustStand)
        for (const change of [...rest].reverse()) await takeBack(act, change)
      },
      row.id,
    )
  } catch (problem) {
    if (!(problem instanceof ChangedSince)) throw problem
    const named = withNames(problem.message, await faceNames(db, [problem.message]))
    throw new Conflict(
      `Nothing was taken back: ${named} has been changed since. Take back the later change first, or change it by hand.`,
    )
  }
  return { change: row.id, words: withNames(words, names), touched: touchedBy(rows) }
}

/** Named by what was changed since. */
class ChangedSince extends Error {}

/** @throws ChangedSince where a row is not as the act left it */
function mustStand(today: Record<string, unknown> | undefined, { name, before, after }: RowChange): void {
  const stands = after === null ? today === undefined : today !== undefined && agrees(today, after, before)
  if (!stands) throw new ChangedSince(name)
}

async function takeBack(act: Act, change: RowChange): Promise<void> {
  const { table, id, before, after } = change
  if (!isRecordName(table)) return
  const today = await rowNow(act.tx, table, id)
  mustStand(today, change)
  if (before === null) await takeOut(act, table, id, today!)
  else if (after === null) await act.insert(table, before as never)
  else await act.update(table, id, before as never)
}

/** Whether a row stands as an act left it; its count of writes goes on by itself. */
const agrees = (
  today: Record<string, unknown>,
  after: Record<string, unknown>,
  before: Record<string, unknown> | null,
) =>
  Object.entries(after).every(
    ([field, value]) => (field === 'version' && before === null) || same(today[field] ?? null, value),
  )

/** What can be put away is put away: others may name it. */
async function takeOut(act: Act, table: Parameters<Act['update']>[0], id: string, row: Record<string, unknown>) {
  if ('deletedAt' in row) await act.update(table, id, { deletedAt: now() } as never)
  else await act.remove(table, id)
}

/** Which lists and faces a page has to load anew. */
export function touchedBy(rows: readonly RowChange[]): Touched {
  const of = (...names: string[]) => rows.some(r => names.includes(r.table))
  return {
    kit: of('products', 'pans', 'places', 'units', 'fills', 'uses', 'rangesApart'),
    buys: of('purchases', 'purchaseLines'),
    tests: of('paletteTests', 'flashTests', 'measuredMixes'),
    jobs: of('jobs', 'bookings'),
    settings: of('settings'),
    faces: [...new Set(rows.flatMap(r => r.faceId ?? []))],
  }
}
